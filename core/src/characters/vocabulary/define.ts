import type { Distance, Handling, Material, Organ, Season } from '../../conditions/index.ts';
import type { Character, Kind, State } from '../types.ts';

/** What the characters of one organ share unless one says otherwise. */
export interface OrganDefaults {
  readonly organ: Organ;
  readonly material: readonly Material[];
  readonly distance: Distance;
  readonly season: readonly Season[];
  readonly onBrownLeaf?: boolean;
}

export type Options = Partial<
  Omit<Character, 'id' | 'organ' | 'kind' | 'term' | 'plain' | 'definition' | 'states' | 'appliesIf'>
> & {
  readonly needs?: readonly Handling[];
  /** `character=state|state`, all of them must hold. */
  readonly appliesIf?: readonly string[];
};

export const slug = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/**
 * States from a line: `entire: smooth-edged; serrate < toothed: saw-toothed; rusty #8b4513: rust-colored`.
 * Left of the colon the technical term with its parent after `<`, right of it the plain words (the term itself
 * where they are missing). The id is made of the term, or stands before `=` where the term was reworded since: `grey=gray`.
 */
export function states(line: string): State[] {
  return line
    .split(';')
    .map((s) => s.trim())
    .filter((s) => s !== '')
    .map((part) => {
      const [left = '', plain] = part.split(':').map((s) => s.trim());
      const swatch = /#[0-9a-f]{6}/.exec(left)?.[0];
      const [named = '', parent] = left
        .replace(/#[0-9a-f]{6}/, '')
        .split('<')
        .map((s) => s.trim());
      const [id = '', term = id] = named.split('=').map((s) => s.trim());
      return {
        id: slug(id),
        term,
        plain: plain ?? term,
        definition: '',
        ...(parent ? { parent: slug(parent) } : {}),
        ...(swatch ? { swatch } : {}),
      };
    });
}

function condition(text: string): { character: string; states: string[] } {
  const [character = '', wanted = ''] = text.split('=');
  return { character, states: wanted.split('|') };
}

type Define = (
  id: string,
  term: string,
  plain: string,
  definition: string,
  ...rest: [string, Options?]
) => Character;
type DefineRange = (
  id: string,
  term: string,
  plain: string,
  definition: string,
  options?: Options,
) => Character;

export interface OrganVocabulary {
  readonly nominal: Define;
  readonly ordered: Define;
  readonly colour: Define;
  readonly yesno: DefineRange;
  readonly count: DefineRange;
  readonly length: DefineRange;
  readonly ratio: DefineRange;
}

/** Constructors of characters for one organ. */
export function organ(defaults: OrganDefaults): OrganVocabulary {
  const make = (
    kind: Kind,
    names: readonly [id: string, term: string, plain: string, definition: string],
    list: readonly State[],
    options: Options = {},
  ): Character => {
    const { appliesIf = [], ...rest } = options;
    const [id, term, plain, definition] = names;
    return {
      needs: [],
      unit: kind === 'length' ? 'mm' : '',
      combine: 'alternatives',
      effort: 2,
      misread: [0.1, 10],
      readAs: [],
      ...defaults,
      ...rest,
      id,
      kind,
      term,
      plain,
      definition,
      states: list,
      appliesIf: appliesIf.map(condition),
    };
  };
  const stated =
    (kind: Kind): Define =>
    (id, term, plain, definition, line, options) =>
      make(kind, [id, term, plain, definition], states(line), options);
  const ranged =
    (kind: Kind): DefineRange =>
    (id, term, plain, definition, options) =>
      make(kind, [id, term, plain, definition], [], options);
  return {
    nominal: stated('nominal'),
    ordered: stated('ordered'),
    colour: stated('colour'),
    yesno: (id, term, plain, definition, options) =>
      make('yesno', [id, term, plain, definition], states('yes; no'), options),
    count: ranged('count'),
    length: ranged('length'),
    ratio: ranged('ratio'),
  };
}
