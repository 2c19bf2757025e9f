import { checklistSearch } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import type { Word } from './reading.ts';

/** Authors as they are shortened behind tree names, for those who write without capitals and dots. */
const AUTHORS = new Set(
  `l mill miller nutt nuttall michx michaux marsh marshall dougl douglas lindl lindley torr torrey gray hook hooker sarg sargent
  engelm engelmann pursh dc greene raf carr carriere rydb rydberg britt britton koch willd ait aiton lam lamarck walt walter
  muenchh muhl wangenh vahl don forbes parry murr murray kellogg lamb lambert loud loudon mirb mirbel franco spach sieb siebold
  zucc thunb thunberg ehrh roth moench borkh medik swingle kuntze loes newman wats watson benth jeps jepson lemmon balf balfour
  bong regel presl poir roem schult arn laws lawson voss poit buckl buckley small ashe beadle sudw standl howell piper
  hitchc heller nels rehd rehder beissn little turcz maxim fisch bunge hort auct steud spreng bigel scop gaertn adans juss
  brongn schneid vent duroi desf ten link gordon coult abrams fern fernald weath weatherby blake wieg bailey nieuwl`
    .split(/\s+/)
    .filter((w) => w !== ''),
);
const BETWEEN = new Set(['ex', 'et', 'and', 'in', 'de', 'von', 'van', 'der', 'du', 'la', 'al', 'f', 'fil']);

/** Whether a word is the genus or an epithet of some name, and so says more than who described a species. */
const isLatinWord = (index: NameIndex, text: string): boolean =>
  [index.words, checklistSearch().words].some((w) => w.genera.has(text) || w.epithets.has(text));

/** Whether what stands behind a scientific name looks like those who described it: capitals, dots, known authors, a year. */
export function looksLikeAuthors(words: readonly Word[], index: NameIndex): boolean {
  const named = words.some((w) => w.capital || AUTHORS.has(w.text));
  return (
    named &&
    words.every(
      (w) =>
        BETWEEN.has(w.text) ||
        AUTHORS.has(w.text) ||
        /^(1[789]|20)\d\d$/.test(w.text) ||
        ((w.capital || w.dotted) && !isLatinWord(index, w.text)),
    )
  );
}
