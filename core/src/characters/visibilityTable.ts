import { DISTANCE_NAMES, ORGANS, SEASON_NAMES } from '../conditions/index.ts';
import { CHARACTERS } from './vocabulary/index.ts';
import type { Character } from './types.ts';

const ways = (c: Character): string =>
  [c.needs, ...(c.orBy ? [c.orBy.needs] : [])]
    .map((needs) => ['look', ...needs.filter((n) => n !== 'look')].join(' + '))
    .join(', or ');

const row = (c: Character): string => {
  const nowhere = c.material.length === 0;
  const cells = [
    `${c.term} (\`${c.id}\`)`,
    nowhere ? 'nothing: told, not seen' : c.material.join(', '),
    nowhere
      ? ''
      : c.season.map((s) => SEASON_NAMES[s]).join('; ') + (c.onBrownLeaf ? '; on brown leaves kept' : ''),
    ways(c),
    nowhere ? '' : DISTANCE_NAMES[c.distance],
    c.wet === 'lost' ? 'lost' : c.wet === 'blurred' ? 'blurred' : '',
  ];
  return `| ${cells.join(' | ')} |`;
};

/** Every character of the shipped vocabulary by material, season, handling and distance, as a page in Markdown. */
export function visibilityTable(): string {
  const parts = ORGANS.map((organ) => {
    const rows = CHARACTERS.filter((c) => c.organ === organ).map(row);
    return `## ${organ.charAt(0).toUpperCase()}${organ.slice(1)}\n\n| character | material, any of | season | handling, all of | seen from | wet |\n| --- | --- | --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  });
  return `# What can be seen of each character\n\nWritten by \`npm run tables\` from the shipped vocabulary. What holds for all of them (paper, litter, leaves in the hand, cautions,\nthe reach of a tree) is in [formulas.md](formulas.md), _What can be seen_.\n\n${parts.join('\n')}`;
}
