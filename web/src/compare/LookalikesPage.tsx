import { useCallback, useMemo } from 'react';
import Button from 'antd/es/button';
import type { DeclaredPair, TaxonHeader } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import {
  STANDINGS,
  cellAt,
  checkDeclared,
  comparativeWords,
  tellCards,
  tellSentence,
  usable,
} from '@hurrow/core/compare';
import type { DeclaredVerdict, PairCell, PairTable } from '@hurrow/core/compare';
import { useWrite } from '../api/index.ts';
import { layOnly, useGo, useMayTeach } from '../app/index.ts';
import { AppLink, DataTable, Nothing, ProblemNote, TaxonName, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Start } from '../workers/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { groundOf } from './groundOf.ts';
import { STANDING } from './words.ts';
import type { Compared } from './useCompared.ts';

const VERDICT: Readonly<Record<DeclaredVerdict, { words: string; tone: string }>> = {
  supported: { words: 'supported', tone: 'spruce' },
  beside: { words: 'only side by side', tone: 'larch' },
  not_now: { words: 'out of season or reach now', tone: 'larch' },
  unsupported: { words: 'unsupported', tone: 'larch' },
  contradicted: { words: 'contradicted', tone: 'cherry' },
  unsaid: { words: 'nothing said to part them', tone: 'larch' },
};
/** As many close pairs are proposed as a class can be taught in a term. */
const PROPOSED = 20;

interface Declared {
  readonly pair: DeclaredPair;
  readonly a: TaxonHeader;
  readonly b: TaxonHeader;
  readonly verdict: DeclaredVerdict;
  readonly reason: string;
  readonly cell: PairCell | undefined;
}

interface Close {
  readonly a: TaxonHeader;
  readonly b: TaxonHeader;
  readonly cell: PairCell;
  readonly tell: string;
  /** The character of that tell. */
  readonly by: string | null;
}

function Pairs({ compared: c }: { compared: Compared }) {
  const go = useGo();
  const mayTeach = useMayTeach();
  const put = useWrite('pairPut');
  const { vocabulary, conditions, wording, members, described, lore } = c;
  const start = useCallback<Start<PairTable | null>>(
    (work, onProgress) => work.pairs(groundOf(c), onProgress),
    [c],
  );
  const work = useLibraryWork<PairTable | null>(start);
  const table = work.result?.size === members.length ? work.result : null;
  const place = useMemo(() => new Map(members.map((m, i) => [m.id, i])), [members]);
  const cellOf = (x: string, y: string): PairCell | undefined =>
    table ? cellAt(table, place.get(x) ?? -1, place.get(y) ?? -1) : undefined;
  const declared = lore.pairs.flatMap((pair): Declared[] => {
    const [i, j] = [place.get(pair.a) ?? -1, place.get(pair.b) ?? -1];
    const [a, b, x, y] = [members[i], members[j], described[i], described[j]];
    if (!a || !b || !x || !y) return [];
    return [
      {
        pair,
        a,
        b,
        cell: cellOf(a.id, b.id),
        ...checkDeclared(pair.character, x, y, vocabulary, conditions, pair.greater),
      },
    ];
  });
  const named = new Set(lore.pairs.flatMap((p) => [`${p.a}/${p.b}`, `${p.b}/${p.a}`]));
  const close = [...(table?.cells ?? [])]
    .sort((p, q) => STANDINGS.indexOf(q.standing) - STANDINGS.indexOf(p.standing) || p.apart - q.apart)
    .flatMap((cell): Close[] => {
      const [a, b, x, y] = [members[cell.a], members[cell.b], described[cell.a], described[cell.b]];
      if (!a || !b || !x || !y || named.has(`${a.id}/${b.id}`)) return [];
      return [{ a, b, cell, tell: '', by: null }];
    })
    .slice(0, PROPOSED)
    .map((r) => {
      const [x, y] = [described[r.cell.a], described[r.cell.b]];
      const [first] = x && y ? tellCards(x, y, vocabulary, conditions).filter(usable) : [];
      return first
        ? {
            ...r,
            tell: tellSentence(first, [r.a.scientific, r.b.scientific], wording),
            by: first.character.id,
          }
        : r;
    });
  const both = (a: TaxonHeader, b: TaxonHeader) => (
    <>
      <AppLink to={`/species/${a.id}`}>
        <TaxonName taxon={a} common={false} />
      </AppLink>{' '}
      ·{' '}
      <AppLink to={`/species/${b.id}`}>
        <TaxonName taxon={b} common={false} />
      </AppLink>
    </>
  );
  const bench = (a: TaxonHeader, b: TaxonHeader) => (
    <Button
      type="link"
      size="small"
      className="as-link"
      onClick={() => {
        layOnly(a.id, b.id);
        go('/compare');
      }}
    >
      bench
    </Button>
  );
  const words = (id: string | null): string => {
    const found = id === null ? undefined : vocabulary.get(id);
    return found ? characterWords(found, wording.words) : 'no character named';
  };
  const comparedWords = ({ pair, a, b }: Declared): string => {
    const found = pair.character === null ? undefined : vocabulary.get(pair.character);
    if (!found || pair.greater === null) return '';
    return `${comparativeWords(found, true)} in ${(pair.greater === a.id ? a : b).scientific}`;
  };
  const standing = (cell: PairCell | undefined) =>
    cell ? (
      <span className={`tag ${STANDING[cell.standing].tone}`}>{STANDING[cell.standing].words}</span>
    ) : null;
  return (
    <>
      <DataTable<Declared>
        label="Declared look-alikes"
        file="look-alikes"
        rows={declared}
        rowKey={(r) => r.pair.id}
        plain={(r) => ({
          a: r.a.scientific,
          b: r.b.scientific,
          by: [words(r.pair.character), comparedWords(r)].filter((t) => t !== '').join(': '),
          verdict: VERDICT[r.verdict].words,
          reason: r.reason,
          text: r.pair.text,
          mnemonic: r.pair.mnemonic,
          now: r.cell ? STANDING[r.cell.standing].words : '',
        })}
        empty={<Nothing title="No look-alike is declared">Name one on the page of a species.</Nothing>}
        columns={[
          { title: 'Pair', width: 260, render: (_, r) => both(r.a, r.b) },
          {
            title: 'Told apart by',
            width: 160,
            render: (_, r) => (
              <>
                {words(r.pair.character)}
                <div className="quiet">{comparedWords(r)}</div>
              </>
            ),
          },
          {
            title: 'Held against the record',
            width: 190,
            sorter: (x, y) => x.verdict.localeCompare(y.verdict),
            render: (_, r) => (
              <>
                <span className={`tag ${VERDICT[r.verdict].tone}`}>{VERDICT[r.verdict].words}</span>
                <div className="quiet">{r.reason}</div>
              </>
            ),
          },
          {
            title: 'Said of the pair',
            render: (_, r) => (
              <>
                {r.pair.text} {r.pair.mnemonic ? <span className="mnemonic">{r.pair.mnemonic}</span> : null}
              </>
            ),
          },
          { title: 'Now', width: 110, render: (_, r) => standing(r.cell) },
          { title: '', width: 60, render: (_, r) => bench(r.a, r.b) },
        ]}
      />
      <h2 className="room-head">Close, and not declared</h2>
      <ProblemNote error={put.error} />
      <WorkNote what="Comparing every pair" work={work} />
      {table ? (
        <DataTable<Close>
          label="Proposed look-alikes"
          file="close-pairs"
          rows={close}
          rowKey={(r) => `${r.a.id}/${r.b.id}`}
          plain={(r) => ({
            a: r.a.scientific,
            b: r.b.scientific,
            now: STANDING[r.cell.standing].words,
            tells: r.cell.tells,
            tell: r.tell,
          })}
          empty={<Nothing title="No more pairs">Every pair of the list is declared.</Nothing>}
          columns={[
            { title: 'Pair', width: 260, render: (_, r) => both(r.a, r.b) },
            { title: 'Now', width: 120, render: (_, r) => standing(r.cell) },
            {
              title: 'Tells',
              width: 70,
              sorter: (x, y) => x.cell.tells - y.cell.tells,
              render: (_, r) => <span className="number">{r.cell.tells}</span>,
            },
            { title: 'The first of them', render: (_, r) => r.tell || <span className="quiet">none</span> },
            { title: '', width: 60, render: (_, r) => bench(r.a, r.b) },
            {
              title: '',
              width: 90,
              render: (_, r) =>
                mayTeach ? (
                  <Button
                    size="small"
                    loading={put.isPending}
                    onClick={() =>
                      put.mutate({
                        body: { a: r.a.id, b: r.b.id, character: r.by, text: null, mnemonic: null },
                      })
                    }
                  >
                    Declare
                  </Button>
                ) : null,
            },
          ]}
        />
      ) : null}
    </>
  );
}

/** Declared look-alikes held against the record, and the closest pairs that nobody has declared. */
export function LookalikesPage() {
  return (
    <CompareRoom
      title="Look-alikes"
      name="Look-alikes"
      about="What was declared, held against what is recorded under the conditions above; then the closest pairs of the list."
    >
      {(c) => <Pairs compared={c} />}
    </CompareRoom>
  );
}
