// Writes docs/simulation.md: how often planted mix-ups are found in made-up classes, and how often others are flagged.
import { writeFileSync } from 'node:fs';
import { MADE, simulate } from '../bench/src/simulateMixups.ts';
import { laidOut } from './laidOut.ts';

const CLASSES = 400;
const percent = (x: number): string => (Number.isNaN(x) ? '' : x.toFixed(3));
const error = (x: number): string => (Number.isNaN(x) ? '' : Math.sqrt((x * (1 - x)) / CLASSES).toFixed(3));

const rows = MADE.map((c) => simulate(c, CLASSES)).map(
  (o) =>
    `| ${o.label} | ${percent(o.found)} | ${error(o.found)} | ${percent(o.falseShare)} | ${percent(o.everFalse)} | ${error(o.everFalse)} |`,
);

const text = `# Mix-ups in made-up classes

Made by \`npm run simulate\`: ${CLASSES} classes a row, always the same ones. Each class has a list of 47 species; slips happen at a
rate of each species and give names by a share of each name. A planted pair that is flagged is _found_. A flag is _false_ where the
class's own chance of the pair is at most one and a half times what its rows and columns alone give, or under one in a hundred. The
error is one standard error of the simulation. The formulas are in [formulas.md](formulas.md#more-than-slips).

| class | found | error | share of flags false | classes that ever had a false flag | error |
| --- | --- | --- | --- | --- | --- |
${rows.join('\n')}
`;
writeFileSync('docs/simulation.md', await laidOut(text));
