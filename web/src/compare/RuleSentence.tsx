import type { TaxonHeader } from '@hurrow/contract';
import { TaxonName } from '../parts/index.ts';
import { sentenceParts } from './ruleWords.ts';

/** A rule as a sentence, the name of whom it speaks set as names are. */
export function RuleSentence({ sentence, who }: { sentence: string; who: TaxonHeader | null }) {
  const [before, named, after] = sentenceParts(sentence, who);
  return (
    <>
      {before}
      {named ? <TaxonName taxon={named} common={false} /> : null}
      {after}
    </>
  );
}
