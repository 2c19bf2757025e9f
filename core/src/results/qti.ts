import { escaped } from '../formats/index.ts';
import type { QtiAnswer, QtiItem, QtiOption, QtiSection } from './qtiTypes.ts';

const NS = 'http://www.imsglobal.org/xsd/imsqti_v2p2';
const XSI = 'http://www.w3.org/2001/XMLSchema-instance';
const TEMPLATES = 'http://www.imsglobal.org/question/qti_v2p2/rptemplates';
const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';

const SCORE = (points: number): string =>
  `<outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float" normalMaximum="${points}"><defaultValue><value>0</value></defaultValue></outcomeDeclaration>`;

const values = (all: readonly string[]): string => all.map((v) => `<value>${escaped(v)}</value>`).join('');

/** What is right, and what each answer earns where that is a table. */
function declaration(answer: QtiAnswer, points: number): string {
  const open = (cardinality: string, type: string): string =>
    `<responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}">`;
  switch (answer.kind) {
    case 'text': {
      const [first] = answer.accepts;
      const entries = answer.accepts.map(
        (a) =>
          `<mapEntry mapKey="${escaped(a.text)}" mappedValue="${a.points}" caseSensitive="${answer.exact}"/>`,
      );
      return `${open('single', 'string')}${first ? `<correctResponse>${values([first.text])}</correctResponse>` : ''}${entries.length > 0 ? `<mapping lowerBound="0" upperBound="${points}" defaultValue="0">${entries.join('')}</mapping>` : ''}</responseDeclaration>`;
    }
    case 'number':
      return `${open('single', 'float')}<correctResponse>${values([String(answer.low)])}</correctResponse></responseDeclaration>`;
    case 'choice': {
      const entries = answer.right.map((r) => `<mapEntry mapKey="${escaped(r)}" mappedValue="${points}"/>`);
      return `${open('single', 'identifier')}<correctResponse>${values(answer.right.slice(0, 1))}</correctResponse><mapping lowerBound="0" upperBound="${points}" defaultValue="0">${entries.join('')}</mapping></responseDeclaration>`;
    }
    case 'match':
      return `${open('multiple', 'directedPair')}<correctResponse>${values(answer.pairs.map(([a, b]) => `${a} ${b}`))}</correctResponse></responseDeclaration>`;
    case 'open':
      return `${open('single', 'string')}</responseDeclaration>`;
  }
}

const choices = (options: readonly QtiOption[]): string =>
  options
    .map((o) => `<simpleChoice identifier="${escaped(o.id)}">${escaped(o.label)}</simpleChoice>`)
    .join('');
const associable = (options: readonly QtiOption[]): string =>
  `<simpleMatchSet>${options.map((o) => `<simpleAssociableChoice identifier="${escaped(o.id)}" matchMax="1">${escaped(o.label)}</simpleAssociableChoice>`).join('')}</simpleMatchSet>`;

function interaction({ answer, prompt }: QtiItem): string {
  const asked = `<prompt>${escaped(prompt)}</prompt>`;
  switch (answer.kind) {
    case 'choice':
      return `<choiceInteraction responseIdentifier="RESPONSE" shuffle="false" maxChoices="1">${asked}${choices(answer.options)}</choiceInteraction>`;
    case 'match':
      return `<matchInteraction responseIdentifier="RESPONSE" shuffle="false" maxAssociations="${answer.pairs.length}">${asked}${associable(answer.options)}${associable(answer.others)}</matchInteraction>`;
    case 'open':
      return `<extendedTextInteraction responseIdentifier="RESPONSE">${asked}</extendedTextInteraction>`;
    default:
      return `<p>${escaped(prompt)} <textEntryInteraction responseIdentifier="RESPONSE" expectedLength="40"/></p>`;
  }
}

const set = (points: number): string =>
  `<setOutcomeValue identifier="SCORE"><baseValue baseType="float">${points}</baseValue></setOutcomeValue>`;
const RESPONSE = '<variable identifier="RESPONSE"/>';
const number = (n: number): string => `<baseValue baseType="float">${n}</baseValue>`;

/** How an answer is scored: by its table, by its range, or all or nothing. */
function processing({ answer, points }: QtiItem): string {
  switch (answer.kind) {
    case 'text':
    case 'choice':
      return `<responseProcessing template="${TEMPLATES}/map_response"/>`;
    case 'number':
      return `<responseProcessing><responseCondition><responseIf><and><gte>${RESPONSE}${number(answer.low)}</gte><lte>${RESPONSE}${number(answer.high)}</lte></and>${set(points)}</responseIf></responseCondition></responseProcessing>`;
    case 'match':
      return `<responseProcessing><responseCondition><responseIf><match>${RESPONSE}<correct identifier="RESPONSE"/></match>${set(points)}</responseIf></responseCondition></responseProcessing>`;
    case 'open':
      return '';
  }
}

/** One question as an assessment item. */
export function itemXml(item: QtiItem): string {
  const images = item.images
    .map((i) => `<p><img src="../${escaped(i.file)}" alt="${escaped(i.alt)}"/></p>`)
    .join('');
  return `${HEAD}<assessmentItem xmlns="${NS}" xmlns:xsi="${XSI}" xsi:schemaLocation="${NS} http://www.imsglobal.org/xsd/qti/qtiv2p2/imsqti_v2p2.xsd" identifier="${item.id}" title="${escaped(item.title)}" adaptive="false" timeDependent="false">${declaration(item.answer, item.points)}${SCORE(item.points)}<itemBody>${images}${interaction(item)}</itemBody>${processing(item)}</assessmentItem>\n`;
}

const itemFile = (item: QtiItem): string => `items/${item.id}.xml`;

/** The order of a quiz: one section a station. */
function testXml(id: string, title: string, sections: readonly QtiSection[]): string {
  const parts = sections.map(
    (s) =>
      `<assessmentSection identifier="${s.id}" title="${escaped(s.title)}" visible="true">${s.items.map((i) => `<assessmentItemRef identifier="${i.id}" href="${itemFile(i)}"/>`).join('')}</assessmentSection>`,
  );
  return `${HEAD}<assessmentTest xmlns="${NS}" xmlns:xsi="${XSI}" xsi:schemaLocation="${NS} http://www.imsglobal.org/xsd/qti/qtiv2p2/imsqti_v2p2.xsd" identifier="${id}" title="${escaped(title)}"><testPart identifier="walk" navigationMode="nonlinear" submissionMode="simultaneous">${parts.join('')}</testPart></assessmentTest>\n`;
}

function manifestXml(id: string, sections: readonly QtiSection[]): string {
  const items = sections.flatMap((s) => s.items);
  const resources = items.map((i) => {
    const files = [itemFile(i), ...i.images.map((x) => x.file)];
    return `<resource identifier="r-${i.id}" type="imsqti_item_xmlv2p2" href="${itemFile(i)}">${files.map((f) => `<file href="${escaped(f)}"/>`).join('')}</resource>`;
  });
  const test = `<resource identifier="r-${id}" type="imsqti_test_xmlv2p2" href="test.xml"><file href="test.xml"/>${items.map((i) => `<dependency identifierref="r-${i.id}"/>`).join('')}</resource>`;
  return `${HEAD}<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1" identifier="m-${id}"><metadata><schema>QTIv2.2 Package</schema><schemaversion>1.0.0</schemaversion></metadata><organizations/><resources>${test}${resources.join('')}</resources></manifest>\n`;
}

/**
 * A quiz as the files of a QTI 2.2 package (1EdTech): the manifest, the test with one section a station, and one item a
 * question. Images are added under the names the items give.
 * @param id as for items.
 */
export function qtiFiles(
  id: string,
  title: string,
  sections: readonly QtiSection[],
): ReadonlyMap<string, string> {
  return new Map([
    ['imsmanifest.xml', manifestXml(id, sections)],
    ['test.xml', testXml(id, title, sections)],
    ...sections.flatMap((s) => s.items.map((i) => [itemFile(i), itemXml(i)] as const)),
  ]);
}
