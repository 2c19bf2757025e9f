// Writes docs/simulation.md: how often planted mix-ups are found in made-up classes, and how often others are flagged.
import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { MADE, simulate } from '../bench/src/simulateMixups.ts';

const CLASSES = 400;
const percent = (x: number): string => (Number.isNaN(x) ? '' : x.toFixed(3));
const error = (x: number): string => (Number.isNaN(x) ? '' : Math.sqrt((x * (1 - x)) / CLASSES).toFixed(3));

const rows = MADE.map((c) => simulate(c, CLASSES)).map(
  (o) =>
    `| ${o.label} | ${percent(o.found)} | ${error(o.found)} | ${percent(o.falseShare)} | ${percent(o.everFalse)} | ${error(o.everFalse)} |`,
);

const text = `# Mix-ups in made-up classes

Made by \`npm run simulate\`: ${CLASSES} classes a row, always the same ones. Each class has a list of 47 species; slips happen at a
rate of each species and give names by a share of each name, so that every pair that is not planted is a slip. A planted pair that is
flagged is _found_; any other flag is _false_. The formulas are in [formulas.md](formulas.md#more-than-slips).

| class | found | error | share of flags false | classes with a false flag | error |
| --- | --- | --- | --- | --- | --- |
${rows.join('\n')}

Not simulated yet: groups, shifted sheets, and flags followed over eight sittings one after the other.
`;
writeFileSync(
  'docs/simulation.md',
  await format(text, { parser: 'markdown', printWidth: 130, proseWrap: 'preserve' }),
);
