import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Dropdown from 'antd/es/dropdown';
import { DRILLS, hasDrill } from '@hurrow/core/reteach';
import { ConditionsLine, useClassAtHand, useGo, useView } from '../app/index.ts';
import { Nothing, PageHead } from '../parts/index.ts';
import { Check, ContrastCautions, Looks, Plates, Remember } from './ContrastParts.tsx';
import { DRILL_WORDS } from './contrastWords.ts';
import { useContrast } from './useContrast.ts';
import type { Contrast } from './useContrast.ts';
import { Where } from './Where.tsx';
import './reteach.css';

/** Drill sheets that either of the two can be drawn for. */
const drillsOf = ({ first, second }: Contrast) =>
  DRILLS.flatMap((drill) => {
    const own = [first, second].find((l) => hasDrill(l.described, drill));
    return own ? [{ drill, taxon: own.header.id }] : [];
  });

function Acts({ contrast }: { contrast: Contrast }) {
  const go = useGo();
  const [search] = useSearchParams();
  const { section } = useClassAtHand();
  const leave = search.get('leave');
  const kept = leave ? `?leave=${leave}` : '';
  const path = `/print/contrasts/${contrast.first.header.id}/${contrast.second.header.id}`;
  const project = `/project/${contrast.first.header.id}/${contrast.second.header.id}${kept}`;
  const papers = [
    { key: `${path}/cue-card${kept}`, label: 'Cue card' },
    { key: `${path}/cards${kept}`, label: 'Cards to cut' },
    { key: `${path}/worksheet${kept}`, label: 'Worksheet with answers' },
    ...drillsOf(contrast).map(({ drill, taxon }) => ({
      key: `/print/species/${taxon}/drill?vary=${drill}`,
      label: `Drill sheet: ${DRILL_WORDS[drill]}`,
    })),
  ];
  return (
    <>
      <Dropdown menu={{ items: papers, onClick: ({ key }) => go(key) }} trigger={['click']}>
        <Button>More papers</Button>
      </Dropdown>
      <Button onClick={() => go(`${path}/sheet${kept}`)}>Print contrast sheet</Button>
      <Button type="primary" disabled={!section} onClick={() => go(project)}>
        Project review
      </Button>
    </>
  );
}

function Lesson({ contrast }: { contrast: Contrast }) {
  const [answers, setAnswers] = useState(false);
  const [search, setSearch] = useSearchParams();
  const { conditions, change } = useView();
  const left = search.get('leave')?.split(',') ?? [];
  const leave = (characters: readonly string[]): void =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (characters.length === 0) next.delete('leave');
      else next.set('leave', characters.join(','));
      return next;
    });
  return (
    <div className="stack">
      <ContrastCautions contrast={contrast} />
      <div className="contrast-layout">
        <div className="stack">
          <section className="panel" aria-label="Look in this order">
            <h2>Look in this order</h2>
            <Looks
              contrast={contrast}
              onLeave={(c) => leave([...left, c])}
              onBring={(part) =>
                change({ conditions: { ...conditions, material: [...conditions.material, part] } })
              }
            />
            {left.length > 0 ? (
              <p>
                <Button size="small" onClick={() => leave([])}>
                  Take back {left.length} left out
                </Button>
              </p>
            ) : null}
          </section>
          <section className="panel" aria-label="To remember">
            <h2>To remember</h2>
            <Remember contrast={contrast} />
          </section>
          <section className="panel" aria-label="Three-minute check">
            <div className="panel-head">
              <h2>Three-minute check</h2>
              <Button size="small" aria-pressed={answers} onClick={() => setAnswers(!answers)}>
                {answers ? 'Hide answers' : 'Show answers'}
              </Button>
            </div>
            <Check contrast={contrast} answers={answers} />
          </section>
        </div>
        <div className="stack">
          <section className="panel" aria-label="The two at one scale">
            <h2>The two at one scale</h2>
            <Plates contrast={contrast} />
          </section>
          <Where contrast={contrast} />
        </div>
      </div>
    </div>
  );
}

/** The lesson on two look-alikes: what to look at, where to see it, what to remember, and a check. */
export function ContrastPage() {
  const { a = '', b = '' } = useParams();
  const [search] = useSearchParams();
  const { contrast, gone } = useContrast(a, b, search.get('leave')?.split(',') ?? []);
  if (gone)
    return (
      <Nothing title="This pair is not in the library">One of its species was deleted or ended.</Nothing>
    );
  if (!contrast) return <p className="page-note quiet">Reading…</p>;
  const name = contrast.say.names.join(' and ');
  return (
    <>
      <PageHead
        title={name.charAt(0).toUpperCase() + name.slice(1)}
        name={name}
        about="A lesson of about five minutes. Change date and material in the bar above."
        actions={<Acts contrast={contrast} />}
      />
      <ConditionsLine />
      <Lesson contrast={contrast} />
    </>
  );
}
