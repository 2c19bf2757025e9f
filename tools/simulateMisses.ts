// Writes docs/simulation-characters.md: how well planted miss rates are found in made-up classes, by the model and by simpler forms.
import { writeFileSync } from 'node:fs';
import { FORMS, simulateMisses } from '../bench/src/simulateMisses.ts';
import type { MadeTerm } from '../bench/src/madeLooks.ts';
import type { Drawn, FormOutcome } from '../bench/src/simulateMisses.ts';
import { laidOut } from './laidOut.ts';

const CLASSES = 100;
/** Kept away from those that the tests use, so that nothing was tuned on them. */
const FIRST_SEED = 40_000;
const seeds = Array.from({ length: CLASSES }, (_, i) => FIRST_SEED + i);

/** The model without readiness, and with it. */
const READY_OR_NOT = FORMS.filter(([name]) => name.endsWith('readiness of names') || name === 'the model');

const number = (x: number | null, digits = 3): string => (x === null ? '' : x.toFixed(digits));
const row = (o: FormOutcome): string =>
  `| ${o.form} | ${o.reported} | ${number(o.share, 2)} | ${number(o.rank, 2)} | ${number(o.error)} | ${number(o.priorError)} | ${number(o.bias)} | ${number(o.coverage)} | ${number(o.coverageError)} |`;

const HEAD = `| form | reported | share of identifiable | rank correlation | error | error of the vocabulary there | bias | coverage of 90% | error of coverage |
| --- | --- | --- | --- | --- | --- | --- | --- | --- |`;

function table(drawn: Drawn, forms: typeof FORMS = FORMS.slice(-1), more: Partial<MadeTerm> = {}): string {
  return [
    HEAD,
    ...forms.map((form) => {
      const outcome = simulateMisses(form, drawn, seeds, more);
      process.stdout.write(`${String(drawn)}: ${row(outcome)}\n`);
      return row(outcome);
    }),
  ].join('\n');
}

const text = `# Miss rates in made-up classes

Made by \`npm run simulate\`: ${CLASSES} classes a row, always the same ones. A class has 24 students, eight quizzes of 12 stations, a list
of 32 species and 14 characters; one station in five asks for a character. The answers are **not** made by the model that is
fitted. They are made by elimination: a student goes through what can be seen, leaves some of it unused, reads some of it wrong and then
strikes out names that fit no longer, and writes one of the names that are left. Students differ in ability, some names are given more readily,
3 answers in 100 are guesses that nobody marked. See \`bench/src/madeLooks.ts\`.

_Identifiable_ is a character whose rate the class's answers would settle were every other rate known. _Error_ is the root of the mean
squared error of what is reported. _Coverage_ is the share of reported 90% intervals that hold the true rate, with one standard error over
classes. The formulas are in [formulas.md](formulas.md#the-miss-model).

## Rates drawn from the prior

${table('prior', FORMS)}

## Rates drawn from the prior, some names given very readily

The spread of the logarithm of readiness is 0.8 instead of 0.3: one name in six is given more than twice as readily as usual.

${table('prior', READY_OR_NOT, { attraction: 0.8 })}

## Every rate 0.05

${table(0.05)}

## Every rate 0.5

${table(0.5)}
`;
writeFileSync('docs/simulation-characters.md', await laidOut(text));
