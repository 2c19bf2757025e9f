import { findNodeAtLocation, parseTree, printParseErrorCode } from 'jsonc-parser';
import type { Node, ParseError } from 'jsonc-parser';
import { MOST_TEXT, START, placeAt, refusal, tooLong } from './place.ts';
import type { Path, ReadFile } from './place.ts';

const MOST_DEPTH = 60;
const STRICT = { disallowComments: true, allowTrailingComma: false, allowEmptyContent: false };

/** How deep brackets nest; the parsers below recurse, so a hostile depth is refused before them. */
function depthOf(text: string): number {
  let depth = 0;
  let most = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i += 1) {
    const c = text.charCodeAt(i);
    if (quoted) {
      if (c === 92) i += 1;
      else if (c === 34) quoted = false;
    } else if (c === 34) quoted = true;
    else if (c === 91 || c === 123) most = Math.max(most, (depth += 1));
    else if (c === 93 || c === 125) depth -= 1;
  }
  return most;
}

/** Reads JSON; a fault is told with its line and column, and any part of what was read can be found again. */
export function readJson(text: string): ReadFile<unknown> {
  const long = tooLong(text, MOST_TEXT.json);
  if (long) return { ok: false, refused: [long] };
  if (depthOf(text) > MOST_DEPTH) {
    return {
      ok: false,
      refused: [
        refusal(
          START,
          `The file nests deeper than ${MOST_DEPTH} brackets.`,
          'No format read here nests so deep; choose another file.',
        ),
      ],
    };
  }
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\ufeff/, ''));
  } catch {
    const errors: ParseError[] = [];
    parseTree(text, errors, STRICT);
    const [first] = errors;
    const place = placeAt(text, first?.offset ?? 0);
    const what = first
      ? printParseErrorCode(first.error)
          .replace(/([a-z])([A-Z])/g, '$1 $2')
          .toLowerCase()
      : 'it cannot be read';
    return {
      ok: false,
      refused: [
        refusal(place, `This is not JSON: ${what}.`, 'Export the file again, or fix it at this place.'),
      ],
    };
  }
  // The tree with places is built only once somebody asks for one.
  let tree: Node | undefined;
  const where = (path: Path) => {
    tree ??= parseTree(text);
    for (let n = path.length; n >= 0 && tree; n -= 1) {
      const node = n === 0 ? tree : findNodeAtLocation(tree, [...path.slice(0, n)]);
      if (node) return placeAt(text, node.offset);
    }
    return START;
  };
  return { ok: true, value, where, left: [] };
}
