import type { TableRows } from '@hurrow/contract';
import { WS, idOf } from './identity.ts';
import { taxonId } from './libraryRows.ts';
import { accountId, treeId } from './scenario.ts';
import { TREES } from './trees.ts';

/** A cut specimen: from which tree, which organs, how many nodes, until when it is good, and what its bag hides. */
interface DemoSpecimen {
  readonly tree: string;
  readonly organs: readonly string[];
  readonly nodes: number;
  readonly days: number;
  readonly hides?: readonly string[];
}

const CUT_ON = '2026-09-30';
const twig = (tree: string, days = 7, hides?: readonly string[]): DemoSpecimen => ({
  tree,
  organs: ['twig', 'leaf'],
  nodes: 3,
  days,
  ...(hides ? { hides } : {}),
});
const cone = (tree: string): DemoSpecimen => ({ tree, organs: ['fruit'], nodes: 0, days: 60 });

/**
 * Twenty specimens for the coming week. Spruce and hemlock drop dry needles in days. The thorny one stands in a bag
 * that hides how the leaves stand and how it feels. Nothing is cut from whitebark pine or poison-ivy.
 */
export const SPECIMENS: readonly DemoSpecimen[] = [
  twig('L01', 10),
  twig('L03', 10),
  twig('L04', 10),
  cone('L04'),
  twig('L06', 4),
  twig('L27', 4),
  twig('L21', 3),
  twig('L19', 14),
  twig('S06', 14),
  twig('L24', 10),
  twig('S04', 14),
  twig('L08', 14),
  cone('S04'),
  twig('L12', 5),
  twig('L30', 5),
  twig('L45', 5),
  twig('L37', 5),
  twig('S10', 5),
  twig('L13', 4),
  twig('L40', 6, ['twig.arrangement', 'twig.armature', 'smell.touch']),
];

const specimenId = (s: DemoSpecimen): string => idOf('specimen', `${s.tree}/${s.organs.join()}`);

function goodUntil(days: number): string {
  const at = new Date(`${CUT_ON}T12:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

/** Rows of the specimens, each determined as the tree it was cut from. */
export function specimenRows(): TableRows[] {
  const tree = (tag: string): (typeof TREES)[number] => {
    const found = TREES.find((t) => t.tag === tag);
    if (!found) throw new Error(`No tree ${tag}`);
    return found;
  };
  return [
    {
      table: 'individual',
      rows: SPECIMENS.map((s) => ({
        ws: WS,
        id: specimenId(s),
        kind: 'specimen',
        stage: tree(s.tree).stage,
        condition: null,
        version: 1,
      })),
    },
    {
      table: 'specimen',
      rows: SPECIMENS.map((s) => ({
        ws: WS,
        individual: specimenId(s),
        kind: 'specimen',
        from_tree: treeId(s.tree),
        organs: s.organs,
        nodes: s.nodes,
        taken_on: CUT_ON,
        good_until: goodUntil(s.days),
        bagged: s.hides !== undefined,
        hides: s.hides ?? [],
        state: 'gathered',
      })),
    },
    {
      table: 'determination',
      rows: SPECIMENS.map((s) => ({
        ws: WS,
        id: idOf('determination', specimenId(s)),
        individual: specimenId(s),
        taxon: taxonId(tree(s.tree).species),
        by_account: accountId('owner'),
        sureness: 'sure',
        at: '2026-09-30T15:00:00Z',
      })),
    },
  ];
}
