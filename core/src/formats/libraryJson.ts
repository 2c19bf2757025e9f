import { Ajv } from 'ajv';
import type { ErrorObject, ValidateFunction } from 'ajv';
import type { LibraryDocument, LibraryPart } from './document.ts';
import { readJson } from './jsonText.ts';
import { MOST_REFUSALS, refusal } from './place.ts';
import type { Path, ReadFile, Refusal } from './place.ts';
import { LIBRARY_SCHEMA, LIBRARY_VERSION } from './schema.ts';

let compiled: ValidateFunction | undefined;
const validator = (): ValidateFunction =>
  (compiled ??= new Ajv({ allErrors: false, discriminator: true, strict: false }).compile(LIBRARY_SCHEMA));

const pathOf = (pointer: string): Path =>
  pointer
    .split('/')
    .slice(1)
    .map((p) => p.replaceAll('~1', '/').replaceAll('~0', '~'))
    .map((p) => (/^\d+$/.test(p) ? Number(p) : p));

function inWords(e: ErrorObject): { message: string; remedy: string } {
  const last = pathOf(e.instancePath).at(-1);
  const what = last === undefined ? 'The file' : typeof last === 'number' ? `Entry ${last + 1}` : `“${last}”`;
  const p = e.params as Record<string, unknown>;
  if (e.keyword === 'additionalProperties') {
    return {
      message: `${what} has a property “${String(p['additionalProperty'])}” that the format does not know.`,
      remedy: 'Remove it, or fix its spelling.',
    };
  }
  if (e.keyword === 'required') {
    return {
      message: `${what} lacks “${String(p['missingProperty'])}”.`,
      remedy: 'Add it; the published schema says what it holds.',
    };
  }
  if (e.keyword === 'enum') {
    return {
      message: `${what} is none of the values allowed.`,
      remedy: `Use ${(p['allowedValues'] as unknown[]).join(', ')}.`,
    };
  }
  return { message: `${what} ${e.message ?? 'is wrong'}.`, remedy: 'Fix it to match the published schema.' };
}

/** Reads a library file and holds it against the published schema. */
export function readLibraryJson(text: string): ReadFile<LibraryPart> {
  const json = readJson(text);
  if (!json.ok) return json;
  const head = json.value as { format?: unknown; version?: unknown } | null;
  if (head?.format !== 'hurrow-library') {
    return {
      ok: false,
      refused: [
        refusal(
          json.where(['format']),
          'This is no library file.',
          'Choose a file whose “format” is “hurrow-library”.',
        ),
      ],
    };
  }
  if (head.version !== LIBRARY_VERSION) {
    return {
      ok: false,
      refused: [
        refusal(
          json.where(['version']),
          `The file is of version ${String(head.version)}; version ${LIBRARY_VERSION} is read.`,
          'Export it again, or bring this application up to date.',
        ),
      ],
    };
  }
  const validate = validator();
  if (!validate(json.value)) {
    const refused = (validate.errors ?? []).slice(0, MOST_REFUSALS).map((e): Refusal => {
      const { message, remedy } = inWords(e);
      return refusal(json.where(pathOf(e.instancePath)), message, remedy);
    });
    return { ok: false, refused };
  }
  return { ok: true, value: json.value as LibraryPart, where: json.where, left: [] };
}

/** A library as its file. The same library gives the same bytes. */
export const writeLibraryJson = (library: LibraryDocument, version: string): string =>
  `${JSON.stringify({ format: 'hurrow-library', version: LIBRARY_VERSION, writtenBy: `hurrow ${version}`, ...library }, null, 1)}\n`;
