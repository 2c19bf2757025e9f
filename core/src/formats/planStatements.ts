import same from 'fast-deep-equal';
import { readValue, saidToday } from '../characters/index.ts';
import type { Character, RangeValue, Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import type { RangeNumbers, StatementPart, TaxonPart, ValuePart } from './document.ts';
import type { Path } from './place.ts';
import type { Notes, PlannedStatement } from './planTypes.ts';

const close = (a: number | null, b: number | null): boolean =>
  a === b || (a !== null && b !== null && Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(a), Math.abs(b)));
const numbersText = (n: RangeNumbers): string => `${n.low} to ${n.high}${n.unit ? ` ${n.unit}` : ''}`;

/** What is wrong between a range's text and its numbers; null where they say the same. */
function lie(c: Character, value: RangeValue, numbers: RangeNumbers | undefined): string | null {
  if (!numbers) return null;
  const unit = c.kind === 'length' ? 'mm' : c.unit;
  if (numbers.unit !== unit) return `The numbers are in “${numbers.unit}”; ${c.term} is kept in “${unit}”`;
  const agree =
    (['xlow', 'low', 'high', 'xhigh'] as const).every((k) => close(numbers[k], value[k])) &&
    !numbers.more === !value.more;
  return agree ? null : `The text says ${value.entered}, the numbers ${numbersText(numbers)}`;
}

const textOf = (v: ValuePart): string =>
  v.kind === 'range'
    ? v.entered
    : v.kind === 'inapplicable'
      ? 'does not apply'
      : v.states
          .map((s) => (s.freq === 'usual' ? s.state : `${s.state} (${s.freq.replace('_', ' ')})`))
          .join(', ');

type Key = (s: Pick<StatementPart, 'character' | 'source' | 'life'>) => string;

/** What a statement is known by; a citation is normalised once, however many statements it makes. */
function keys(): Key {
  const sources = new Map<string, string>();
  return (s) => {
    const source = sources.get(s.source) ?? normalise(s.source);
    sources.set(s.source, source);
    return `${s.character}\n${source}\n${s.life ?? ''}`;
  };
}

/**
 * Statements as they are said today, each with the place it had: a state that ships no more becomes what says the same,
 * unless the file says that itself.
 */
function todays(statements: readonly StatementPart[]): readonly { s: StatementPart; k: number }[] {
  const isSaid = (a: StatementPart, character: string): boolean =>
    statements.some((b) => b.character === character && b.source === a.source && b.life === a.life);
  return statements.flatMap((s, k) => {
    const today = s.value.kind === 'states' ? saidToday(s.character, s.value.states) : null;
    if (today === null) return [{ s, k }];
    return [...today].flatMap(([character, states]) =>
      states.length === 0 || (character !== s.character && isSaid(s, character))
        ? []
        : [{ s: { ...s, character, value: { kind: 'states' as const, states } }, k }],
    );
  });
}

/** Statements of one taxon that are new or say something else than its source did. */
export function planStatements(
  t: TaxonPart,
  i: number,
  stands: TaxonPart | undefined,
  vocabulary: Vocabulary,
  knowsSource: (citation: string | null) => boolean,
  { refuse, note, keep }: Notes,
): readonly PlannedStatement[] {
  const statements: PlannedStatement[] = [];
  const statementKey = keys();
  const said = new Map((stands?.statements ?? []).map((s) => [statementKey(s), s]));
  const once = new Set<string>();
  todays(t.statements ?? []).forEach(({ s, k }) => {
    const path: Path = ['taxa', i, 'statements', k];
    const c = vocabulary.get(s.character);
    if (!c) {
      refuse(
        path,
        `There is no character “${s.character}”.`,
        'Add it to the vocabulary first; the glossary lists them.',
      );
      return;
    }
    const read = readValue(
      c,
      s.value.kind === 'range' ? { kind: 'range', entered: s.value.entered } : s.value,
    );
    if (!read.ok) {
      refuse(path, `${t.name}, ${c.term}: ${read.problem.message}`, read.problem.remedy);
      return;
    }
    const wrong =
      s.value.kind === 'range' && read.value.kind === 'range' ? lie(c, read.value, s.value.numbers) : null;
    if (wrong) {
      refuse(path, `${t.name}, ${c.term}: ${wrong}.`, 'Remove the numbers, or fix them.');
      return;
    }
    if (!knowsSource(s.source))
      refuse(path, `There is no source “${s.source}”.`, 'Add it to the sources of the file.');
    const key = statementKey(s);
    if (once.has(key)) refuse(path, `${t.name}: the source says ${c.term} twice.`, 'Keep one of the two.');
    once.add(key);
    const old = said.get(key);
    const plain = (x: StatementPart): unknown => [
      x.value.kind === 'range' ? x.value.entered : x.value,
      x.n,
      x.note,
    ];
    if (old && same(plain(old), plain(s))) {
      keep();
      return;
    }
    statements.push({ taxon: t.name, part: s, value: read.value, replaces: old !== undefined });
    note(
      'statement',
      old ? 'changed' : 'new',
      `${t.name}, ${c.term}`,
      old ? `${textOf(old.value)} → ${textOf(s.value)}` : textOf(s.value),
    );
  });
  return statements;
}
