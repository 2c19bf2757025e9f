import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useVirtualizer } from '@tanstack/react-virtual';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { Glossary } from '@hurrow/contract';
import { vocabularyOf } from '@hurrow/core/characters';
import { ORGANS } from '@hurrow/core/conditions';
import type { Organ } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { ORGAN_LABELS, useClassAtHand, useMayTeach, useView } from '../app/index.ts';
import { Choose, Loaded, Nothing, PageHead, counted, saveCsv } from '../parts/index.ts';
import { SpeciesNav } from '../species/index.ts';
import { CharacterEditor } from './CharacterEditor.tsx';
import { Line } from './Line.tsx';
import { NewCharacter } from './NewCharacter.tsx';
import { WordsEditor } from './WordsEditor.tsx';
import { findLines } from './find.ts';
import { useShowing } from './useShowing.ts';
import './glossary.css';

function Found({ glossary }: { glossary: Glossary }) {
  const { wording } = useView();
  const mayEdit = useMayTeach();
  const [search, setSearch] = useSearchParams();
  const [retired, setRetired] = useState(false);
  const [misreadOnly, setMisreadOnly] = useState(false);
  const [editing, setEditing] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const [wordsOf, setWordsOf] = useState<{ character: string; state: string | null } | null>(null);
  const atHand = useClassAtHand();
  const { sections } = atHand;
  const section = search.get('section') ?? atHand.section?.id ?? '';
  const misreads = useRead('misreads', { id: section }, section !== '').data;
  const rates = useRead('characters', { id: section }, section !== '').data?.fit?.rates;
  const table = useRead('libraryTable').data;
  const vocabulary = useMemo(() => vocabularyOf(glossary.characters.filter((c) => !c.retired)), [glossary]);
  const showing = useShowing(table, vocabulary);
  const text = search.get('find') ?? '';
  const organ = (ORGANS.find((o) => o === search.get('organ')) ?? 'all') as Organ | 'all';
  const put = (key: string, value: string): void =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === '') next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const wrong = useMemo(
    () => new Set((misreads ?? []).filter((m) => m.wrong > 0).map((m) => m.character)),
    [misreads],
  );
  const lines = useMemo(
    () =>
      findLines(glossary, { text, organ, retired }).filter((l) => !misreadOnly || wrong.has(l.character.id)),
    [glossary, text, organ, retired, misreadOnly, wrong],
  );
  const scroller = useRef<HTMLDivElement>(null);
  const down = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (lines[i]?.kind === 'character' ? 36 : 62),
    getItemKey: (i) => {
      const l = lines[i];
      return l ? `${l.character.id}/${l.kind === 'state' ? l.state.id : ''}` : i;
    },
    overscan: 10,
  });
  const character = glossary.characters.find((c) => c.id === editing);
  return (
    <>
      <div className="tools">
        <Input
          className="table-filter wide"
          allowClear
          autoFocus
          aria-label="Find a term"
          placeholder="Find a term, a meaning, a learner’s word"
          value={text}
          onChange={(e) => put('find', e.target.value)}
        />
        <label className="condition">
          <span className="condition-label">Organ</span>
          <Choose
            bare
            label="Organ"
            value={organ}
            options={[
              { value: 'all', label: 'all' },
              ...ORGANS.map((o) => ({ value: o, label: ORGAN_LABELS[o] })),
            ]}
            onChange={(v) => put('organ', v === 'all' ? '' : v)}
          />
        </label>
        {sections.length > 0 ? (
          <label className="condition">
            <span className="condition-label">Misread by</span>
            <Choose
              bare
              label="Misread by"
              value={section}
              options={sections.map((s) => ({ value: s.id, label: s.name }))}
              onChange={(v) => put('section', v)}
            />
          </label>
        ) : null}
        {wrong.size > 0 ? (
          <Checkbox checked={misreadOnly} onChange={(e) => setMisreadOnly(e.target.checked)}>
            only what they call wrong
          </Checkbox>
        ) : null}
        <Checkbox checked={retired} onChange={(e) => setRetired(e.target.checked)}>
          retired too
        </Checkbox>
        <span className="quiet number" role="status">
          {counted(lines.filter((l) => l.kind === 'character').length, 'character')},{' '}
          {counted(lines.filter((l) => l.kind === 'state').length, 'state')}
        </span>
        <span className="spring" />
        {mayEdit ? <Button onClick={() => setAdding(true)}>Add a character</Button> : null}
        <Button
          onClick={() =>
            saveCsv(
              'glossary',
              lines.map((l) => {
                const it = l.kind === 'character' ? l.character : l.state;
                return {
                  organ: l.character.organ,
                  character: l.character.id,
                  state: l.kind === 'state' ? l.state.id : '',
                  term: it.term,
                  plain: it.plain,
                  definition: it.definition,
                  learners_say: l.words.map((w) => w.text).join(' | '),
                };
              }),
            )
          }
        >
          Save as CSV
        </Button>
      </div>
      {lines.length === 0 ? (
        <Nothing title={`Nothing is called “${text}”`}>
          Try part of the word, or add it as a learner’s word to the term it stands for.
        </Nothing>
      ) : (
        <div className="glossary-scroller" ref={scroller} tabIndex={0} role="region" aria-label="Glossary">
          <div className="glossary-all" style={{ height: down.getTotalSize() }}>
            {down.getVirtualItems().map((v) => {
              const line = lines[v.index];
              return line ? (
                <div
                  key={v.key}
                  data-index={v.index}
                  ref={down.measureElement}
                  className="glossary-line"
                  style={{ transform: `translateY(${v.start}px)` }}
                >
                  <Line
                    line={line}
                    wording={wording}
                    misread={misreads?.find((m) => m.character === line.character.id)}
                    rate={rates?.find((r) => r.character === line.character.id)}
                    showing={showing}
                    mayEdit={mayEdit}
                    onEdit={() => setEditing(line.character.id)}
                    onWords={() =>
                      setWordsOf({
                        character: line.character.id,
                        state: line.kind === 'state' ? line.state.id : null,
                      })
                    }
                  />
                </div>
              ) : null;
            })}
          </div>
        </div>
      )}
      {character ? (
        <CharacterEditor
          key={`${character.id}/${character.version}`}
          character={character}
          onClose={() => setEditing(null)}
        />
      ) : null}
      {adding ? <NewCharacter onClose={() => setAdding(false)} /> : null}
      {wordsOf ? <WordsEditor glossary={glossary} of={wordsOf} onClose={() => setWordsOf(null)} /> : null}
    </>
  );
}

/** Every character and state with its meaning, the species that show it and how often a class misreads it. */
export function GlossaryPage() {
  const glossary = useRead('glossary');
  return (
    <div className="table-place">
      <SpeciesNav />
      <PageHead
        title="Glossary"
        name="Glossary"
        about="What each term means, who shows it, and how often it is called wrong. Rewording loses nothing that is recorded."
      />
      <Loaded query={glossary}>{(g) => <Found glossary={g} />}</Loaded>
    </div>
  );
}
