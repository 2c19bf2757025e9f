import { SaxesParser } from 'saxes';
import { MOST_TEXT, refusal, tooLong } from './place.ts';
import type { Place, ReadFile } from './place.ts';

/** An element of XML with the place it starts at. Prefixes are left off; text is that directly within it. */
export interface XmlElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly XmlElement[];
  readonly text: string;
  readonly place: Place;
}

const MOST_DEPTH = 40;
const MOST_ELEMENTS = 2_000_000;

interface Draft {
  name: string;
  attributes: Record<string, string>;
  children: XmlElement[];
  text: string;
  place: Place;
}

class Refused extends Error {
  readonly code = 'XML_REFUSED';
  readonly remedy: string;
  constructor(message: string, remedy: string) {
    super(message);
    this.remedy = remedy;
  }
}

const local = (name: string): string => name.slice(name.indexOf(':') + 1);

/**
 * Reads XML. No document type, so no entities of its own and no outside references; well formed or refused; not deeper
 * than any format that is read here.
 */
export function readXml(text: string): ReadFile<XmlElement> {
  const long = tooLong(text, MOST_TEXT.xml);
  if (long) return { ok: false, refused: [long] };
  const parser = new SaxesParser({ position: true });
  const stack: Draft[] = [];
  let root: XmlElement | null = null;
  let elements = 0;
  let opened: Place = { line: 1, column: 1 };
  parser.on('doctype', () => {
    throw new Refused(
      'The file has a document type.',
      'Take the <!DOCTYPE …> out: entities and outside files are not read.',
    );
  });
  parser.on('error', (e) => {
    throw new Refused(
      `This is not well-formed XML: ${e.message.replace(/^\d+:\d+:\s*/, '')}`,
      'Export the file again, or fix it at this place.',
    );
  });
  parser.on('opentagstart', () => {
    opened = { line: parser.line, column: parser.columnIndex + 1 };
  });
  parser.on('opentag', (tag) => {
    elements += 1;
    if (stack.length >= MOST_DEPTH || elements > MOST_ELEMENTS) {
      throw new Refused(
        'The file nests too deep or is too large.',
        `At most ${MOST_DEPTH} elements within one another are read.`,
      );
    }
    const attributes = Object.fromEntries(
      Object.entries(tag.attributes).map(([k, v]) => [local(k), String(v)]),
    );
    stack.push({ name: local(tag.name), attributes, children: [], text: '', place: opened });
  });
  parser.on('text', (t) => {
    const top = stack.at(-1);
    if (top) top.text += t;
  });
  parser.on('cdata', (t) => {
    const top = stack.at(-1);
    if (top) top.text += t;
  });
  parser.on('closetag', () => {
    const done = stack.pop();
    if (!done) return;
    const parent = stack.at(-1);
    if (parent) parent.children.push(done);
    else root = done;
  });
  try {
    parser.write(text.replace(/^\ufeff/, '')).close();
  } catch (error) {
    const { message, remedy } = error as { message: string; remedy?: string };
    const place = { line: parser.line, column: parser.columnIndex + 1 };
    return {
      ok: false,
      refused: [
        refusal(place, remedy ? message : 'This is not well-formed XML.', remedy ?? 'Export the file again.'),
      ],
    };
  }
  if (!root)
    return {
      ok: false,
      refused: [refusal({ line: 1, column: 1 }, 'The file is empty.', 'Choose an XML file.')],
    };
  return { ok: true, value: root, where: () => (root as XmlElement).place, left: [] };
}

export const childrenOf = (e: XmlElement | undefined, name: string): readonly XmlElement[] =>
  e?.children.filter((c) => c.name === name) ?? [];
export const childOf = (e: XmlElement | undefined, name: string): XmlElement | undefined =>
  e?.children.find((c) => c.name === name);

const ESCAPES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Text as it may stand in XML; what XML cannot hold at all is left out. */
export const escaped = (text: string): string =>
  text
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '')
    .replace(/[&<>"]/g, (c) => ESCAPES[c] ?? c);
