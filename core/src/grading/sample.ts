// A list of two firs, and questions at a grand fir.
import { nameIndex } from '../names/index.ts';
import { POLICY } from '../quizzes/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { Accepted } from '../quizzes/index.ts';
import type { GradingContext, KeyAsk, KeyTruth } from './index.ts';

const names = nameIndex([
  { taxon: 'abies', rank: 'genus', kind: 'accepted', text: 'Abies' },
  { taxon: 'grandis', rank: 'species', kind: 'accepted', text: 'Abies grandis' },
  { taxon: 'grandis', rank: 'species', kind: 'common', text: 'grand fir' },
  { taxon: 'lasiocarpa', rank: 'species', kind: 'accepted', text: 'Abies lasiocarpa' },
  { taxon: 'lasiocarpa', rank: 'species', kind: 'common', text: 'subalpine fir' },
]);
export const context = (part: Partial<GradingContext> = {}): GradingContext => ({
  names,
  genera: new Map([
    ['grandis', 'abies'],
    ['lasiocarpa', 'abies'],
  ]),
  listed: new Set(['grandis', 'lasiocarpa']),
  decisions: new Map(),
  policy: POLICY,
  ...part,
});
export const truth: KeyTruth = {
  taxon: 'grandis',
  genus: 'abies',
  scientific: 'Abies grandis',
  common: 'grand fir',
  names: ['Abies grandis', 'grand fir'],
};
export const ask = (kind: KeyAsk['kind'], accepted: Accepted = { kind: 'name' }, ord = 1): KeyAsk => ({
  id: `${kind}${ord}`,
  kind,
  character: accepted.kind === 'call' ? 'needle.bands' : null,
  most: 2,
  ord,
  accepted,
});
export const name = (text: string): AnswerValue => ({ kind: 'name', text });
