import { SENTENCES } from './vocabulary/sentences.data.ts';
import { stateOf } from './vocabularyOf.ts';
import { characterWords, statePart, valueWords, valuesWords } from './show.ts';
import type { Wording, Words } from './show.ts';
import type { Character, Frequency, StatesValue, Value } from './types.ts';

/** A clause in both wordings: `{}` is the value, `*` the species. */
type Clause = Readonly<Record<Words, string>>;

interface Sentence {
  readonly clause: Clause;
  /** Clauses of single states, by the term of the state. */
  readonly states: ReadonlyMap<string, Clause>;
}

const clauseOf = (text: string): Clause => {
  const [plain = '', technical = plain] = text.split(' | ').map((t) => t.trim());
  return { plain, technical };
};

function readSentences(text: string): ReadonlyMap<string, Sentence> {
  const found = new Map<string, { clause: Clause; states: Map<string, Clause> }>();
  let last: { clause: Clause; states: Map<string, Clause> } | null = null;
  for (const line of text.split('\n').filter((l) => l.trim() !== '')) {
    const at = line.indexOf(' = ');
    const [key, clause] = [line.slice(0, at).trim(), clauseOf(line.slice(at + 3))];
    if (line.startsWith(' ')) last?.states.set(key, clause);
    else found.set(key, (last = { clause, states: new Map() }));
  }
  return found;
}

const KNOWN = readSentences(SENTENCES);

/** How a character is said that has no clause of its own: a character that a class added. */
const unnamed = (c: Character): Sentence => ({
  clause: { plain: `${c.plain}: {}`, technical: `${c.term}: {}` },
  states: new Map(),
});

const sentenceOf = (c: Character): Sentence => KNOWN.get(c.id) ?? unnamed(c);

/** The clause of one state; `{}` is left in those that take the words of the state. */
function stateClause(c: Character, state: string, words: Words): string {
  const sentence = sentenceOf(c);
  const own = sentence.states.get(stateOf(c, state)?.term ?? state);
  if (own) return own[words];
  return sentence.clause[words];
}

const ADVERB: Readonly<Record<Frequency, string>> = {
  usual: '',
  sometimes: 'sometimes ',
  rare: 'rarely ',
  mistaken_for: '',
  never: 'never ',
};

const listed = (parts: readonly string[], by: 'or' | 'and'): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} ${by} ${parts.at(-1) ?? ''}`;

/** A clause with what is said in it, the frequency before a state that is less than usual. */
interface Said {
  readonly clause: string;
  readonly values: readonly string[];
}

/** What states say, clause by clause: usual ones first, those of one clause together. */
function statesSaid(c: Character, value: StatesValue, words: Words): readonly Said[] {
  const order: readonly Frequency[] = ['usual', 'sometimes', 'rare', 'never'];
  const shown = order.flatMap((f) => value.states.filter((s) => s.freq === f));
  const said: { clause: string; usual: string[]; less: string[] }[] = [];
  for (const s of shown) {
    const clause = stateClause(c, s.state, words);
    const own = clause.includes('{}');
    const text = own ? clause : withAdverb(clause, ADVERB[s.freq]);
    const had = own ? said.find((x) => x.clause === text) : undefined;
    const at = had ?? { clause: text, usual: [], less: [] };
    if (!had) said.push(at);
    if (!own) continue;
    const part = statePart(c, s.state, words);
    if (s.freq === 'usual') at.usual.push(part);
    else at.less.push(`${ADVERB[s.freq]}${part}`);
  }
  return said.map(({ clause, usual, less }) => ({
    clause,
    values: [listed(usual, c.combine === 'together' ? 'and' : 'or'), ...less].filter((v) => v !== ''),
  }));
}

/** The verbs of the clauses. Their adverb stands before them, behind *is* and *are*. */
const VERBS = new Set(
  (
    'are is have has does do grow grows sit sits keeps drop drops droop droops hang hangs fall falls stay stays run runs form end ' +
    'smell smells feel feels open look turn spread carry carries sends point peels comes come widens divides curl wait clasp fork ' +
    'curve lie lives bears withers take takes weighs cover covers splits tear meet show leave sprout crowd reach dries stand sink'
  ).split(' '),
);

/** Where the verb of a clause is, among its words; -1 where it has none that is known. */
const verbAt = (words: readonly string[]): number => words.findIndex((w) => VERBS.has(w));

/** Says how often before the verb of a clause that stands alone, behind *is*, *are*, *has* and *have*. */
function withAdverb(clause: string, adverb: string): string {
  if (adverb === '') return clause;
  const words = clause.split(' ');
  const at = verbAt(words);
  if (at < 0) return `${adverb}${clause}`;
  const behind = words[at] === 'are' || words[at] === 'is' ? 1 : 0;
  return [...words.slice(0, at + behind), adverb.trim(), ...words.slice(at + behind)].join(' ');
}

/** All that a value says of a character, as clauses; the species is still `*`, or not named. */
function clausesOf(
  c: Character,
  value: Value,
  wording: Wording,
  range = value.kind === 'range' ? valueWords(c, value, wording) : '',
): readonly string[] {
  if (value.kind === 'inapplicable') return [`${characterWords(c, wording.words)} does not apply`];
  if (value.kind === 'range') {
    return [sentenceOf(c).clause[wording.words].replace('{}', range)];
  }
  return joined(
    statesSaid(c, value, wording.words).map(({ clause, values }) => clause.replace('{}', values.join(', '))),
  );
}

/** Clauses that begin alike become one: *leaves are opposite, sometimes whorled*, *bark is smooth or peels like paper*. */
function joined(clauses: readonly string[]): readonly string[] {
  const found: string[] = [];
  for (const clause of clauses) {
    const before = found.at(-1);
    const shared = before === undefined ? '' : sharedStart(before, clause) || sharedSubject(before, clause);
    if (before === undefined || shared === '') found.push(clause);
    else {
      const rest = clause.slice(shared.length);
      const by = /^(sometimes|rarely|never) /.test(rest) ? ', ' : ' or ';
      found.splice(-1, 1, `${before}${by}${rest}`);
    }
  }
  return found;
}

/** The subject two clauses share, where their verbs part. */
function sharedSubject(a: string, b: string): string {
  const [x, y] = [a.split(' '), b.split(' ')];
  const [i, k] = [verbAt(x), verbAt(y)];
  // An adverb stands before some verbs.
  const from = /^(sometimes|rarely|never)$/.test(y[k - 1] ?? '') ? k - 1 : k;
  const subject = x.slice(0, i).join(' ');
  return i > 0 && subject === y.slice(0, from).join(' ') ? `${subject} ` : '';
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const PLURAL: Readonly<Record<string, string>> = { has: 'have', is: 'are', does: 'do' };

/** A clause about several: *Maples drop their leaves*. */
function inPlural(clause: string): string {
  const m = /^\* (\w+)(.*)$/.exec(clause);
  if (!m) return clause;
  const verb = m[1] ?? '';
  const many = PLURAL[verb] ?? verb.replace(/s$/, '');
  return `* ${many}${(m[2] ?? '').replace(/\bits\b/g, 'their').replace(/^ as an? (tree|small tree|shrub|vine)$/, ' as $1s')}`;
}

/** Whom a sentence is about. */
export interface Subject {
  readonly name: string;
  /** Whether the name is that of several, as *maples*. */
  readonly isPlural?: boolean;
}

const named = (clause: string, { name, isPlural = false }: Subject): string => {
  const text = isPlural ? inPlural(clause) : clause;
  if (text.includes('*')) return text.replace('*', name);
  // A list with commas ends before whom it is about.
  return `${text}${text.includes(',') ? ',' : ''} on ${name}`;
};

/**
 * What is recorded of one species, as a sentence: *Leaves are opposite on boxelder.* Several clauses are joined by semicolons.
 * Source: docs/formulas.md, Sentences.
 */
export const oneSentence = (c: Character, value: Value, subject: Subject, wording: Wording): string =>
  `${capital(
    clausesOf(c, value, wording)
      .map((k) => named(k, subject))
      .join('; '),
  )}.`;

/** What only one species has: *Bark has square blocks only on western white pine.* */
export const onlySentence = (c: Character, value: Value, name: string, wording: Wording): string =>
  `${capital(
    clausesOf(c, value, wording)
      .map((k) => (k.includes('*') ? k.replace('*', `only ${name}`) : `${k} only on ${name}`))
      .join('; '),
  )}.`;

/**
 * How two species differ in a character: *Leaves are opposite on boxelder, alternate on poison-ivy.* What both clauses begin with is
 * said once.
 */
export function contrastSentence(
  c: Character,
  values: readonly [Value, Value],
  subjects: readonly [Subject, Subject],
  wording: Wording,
): string {
  // Numbers that are compared are read in one unit.
  const [first = '', second = ''] = valuesWords(c, values, wording);
  const a = clausesOf(c, values[0], wording, first);
  const b = clausesOf(c, values[1], wording, second);
  const one = a[0] ?? '';
  const two = b[0] ?? '';
  const shared = sharedStart(one, two);
  const simple = a.length === 1 && b.length === 1 && !one.includes('*') && shared !== '';
  const rest = two.slice(shared.length);
  if (simple) {
    const comma = one.includes(',') || rest.includes(',') ? ';' : ',';
    return `${capital(named(one, subjects[0]))}${comma} ${named(rest, subjects[1])}.`;
  }
  const said = (clauses: readonly string[], subject: Subject): string =>
    clauses.map((k) => named(k, subject)).join('; ');
  return `${capital(said(a, subjects[0]))}; ${said(b, subjects[1])}.`;
}

/** The whole words two clauses begin with, up to and with the verb; nothing where they part before it. */
function sharedStart(a: string, b: string): string {
  const [x, y] = [a.split(' '), b.split(' ')];
  let n = 0;
  while (n < Math.min(x.length, y.length) - 1 && x[n] === y[n]) n += 1;
  const verb = verbAt(x);
  return verb >= 0 && n > verb ? `${x.slice(0, n).join(' ')} ` : '';
}

/**
 * A lead of a key: *Leaves are opposite or whorled*, *Needles grow in bundles of up to 3*.
 * @param said the states it leads by, or a number as it is written.
 */
export function leadSentence(c: Character, said: readonly string[] | string, wording: Wording): string {
  const clauses =
    typeof said === 'string'
      ? [sentenceOf(c).clause[wording.words].replace('{}', said)]
      : statesSaid(
          { ...c, combine: 'alternatives' },
          { kind: 'states', states: said.map((state) => ({ state, freq: 'usual' })) },
          wording.words,
        ).map(({ clause, values }) => clause.replace('{}', values.join(', ')));
  return capital(
    joined(clauses)
      .map((k) => (k.startsWith('* ') ? `It ${k.slice(2)}` : k))
      .join(', or '),
  );
}

/** What a value says, as a clause in which `*` is whoever it speaks of; many name nobody, as *leaves are opposite*. */
export const clauseAbout = (c: Character, value: Value, wording: Wording): string =>
  clausesOf(c, value, wording).join(' and ');

/** Characters and states that a text of clauses gives and a vocabulary does not have, or leaves out; for the tests. */
export const missingSentences = (characters: readonly Character[]): readonly string[] => {
  const byId = new Map(characters.map((c) => [c.id, c]));
  return [
    ...characters.filter((c) => !KNOWN.has(c.id)).map((c) => `${c.id} has no clause`),
    ...[...KNOWN].flatMap(([id, s]) => {
      const c = byId.get(id);
      if (!c) return [`${id} is no character`];
      const strange = [...s.states.keys()].filter((t) => !c.states.some((x) => x.term === t));
      return strange.map((t) => `${id} has no state ${t}`);
    }),
  ];
};
