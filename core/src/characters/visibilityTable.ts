import { DISTANCE_NAMES, ORGANS } from '../conditions/index.ts';
import type { Season } from '../conditions/index.ts';
import { CHARACTERS } from './vocabulary/index.ts';
import type { Character } from './types.ts';

/** When a character is there to be seen, in words. */
const SEASON_TEXT: Readonly<Record<Season, string>> = {
  always: 'all year',
  'leaf-on': 'in leaf',
  leafless: 'leafless',
  flower: 'in flower',
  fruit: 'in fruit',
  autumn: 'in fall color',
  pollen: 'while pollen flies',
  receptive: 'while seed flowers are open',
  'new-growth': 'while leaves are new',
  dormant: 'leaf fall to leaf-out; evergreens all year',
  buds: 'bud set to bud break',
  'waiting-catkins': 'leaf fall until the catkins open',
};

const row = (c: Character): string => {
  const nowhere = c.material.length === 0;
  const cells = [
    `${c.term} (\`${c.id}\`)`,
    nowhere ? 'nothing: told, not seen' : c.material.join(', '),
    nowhere
      ? ''
      : c.season.map((s) => SEASON_TEXT[s]).join('; ') + (c.onBrownLeaf ? '; on brown leaves kept' : ''),
    ['look', ...c.needs.filter((n) => n !== 'look')].join(' + '),
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
