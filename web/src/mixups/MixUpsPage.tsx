import { useState } from 'react';
import { useSearchParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { MixUpRow, MixUps, Section } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { SMALLEST_CLASS } from '@hurrow/core/mixups';
import { useRead } from '../api/index.ts';
import { layOnly, useClassAtHand, useGo, useMayTeach, useSession } from '../app/index.ts';
import { AppLink, Later, Loaded, Nothing, PageHead } from '../parts/index.ts';
import { ActList } from './ActList.tsx';
import { BoardStrip } from './BoardStrip.tsx';
import { Characters } from './Characters.tsx';
import { Groups } from './Groups.tsx';
import { Looks } from './Looks.tsx';
import { MatrixView } from './MatrixView.tsx';
import { PairView } from './PairView.tsx';
import { Pairs } from './Pairs.tsx';
import { Readings } from './Readings.tsx';
import { SettingsDialog } from './SettingsDialog.tsx';
import { Students } from './Students.tsx';
import { Years } from './Years.tsx';
import { flagBase, pooledWords, quizzesWords, unlistedWords } from './boardWords.ts';
import { choiceOf, queryOf, withChoice } from './scope.ts';
import type { Choice } from './scope.ts';
import './mixups.css';

type Room = 'act' | 'pairs' | 'groups' | 'characters' | 'readings' | 'students' | 'years' | 'species';
const ROOMS: readonly { readonly value: Room; readonly label: string }[] = [
  { value: 'act', label: 'What to act on' },
  { value: 'pairs', label: 'All pairs' },
  { value: 'groups', label: 'Groups' },
  { value: 'characters', label: 'Characters' },
  { value: 'readings', label: 'Why' },
  { value: 'students', label: 'Students' },
  { value: 'years', label: 'Other classes' },
  { value: 'species', label: 'By species' },
];

/** What the board rests on, and what may not be read from it. */
function Base({ data, choice }: { data: MixUps; choice: Choice }) {
  const { today } = useSession();
  const pooled = pooledWords(data, choice.form);
  const mayTeach = useMayTeach();
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <p>
        {data.looks} answers by {data.students} students in{' '}
        {quizzesWords(data.sittings, (on) => showDate(on, today))} Each graded answer counts once, blank ones
        too. Ranges are 95% confidence intervals. {flagBase(data)}{' '}
        {mayTeach ? (
          <Button size="small" onClick={() => setOpen(true)}>
            What counts
          </Button>
        ) : null}
      </p>
      {isOpen ? <SettingsDialog settings={data.settings} onClose={() => setOpen(false)} /> : null}
      {data.small ? (
        <Alert
          type="info"
          showIcon
          title={`With fewer than ${SMALLEST_CLASS} students only counts are shown, and nothing is said of the class.`}
        />
      ) : null}
      {pooled ? <Alert type="info" showIcon title={pooled} /> : null}
      {data.unlistedPairs > 0 ? (
        <Alert type="info" showIcon title={unlistedWords(data.unlistedPairs)} />
      ) : null}
    </>
  );
}

interface RoomProps {
  readonly room: Room;
  readonly data: MixUps;
  readonly choice: Choice;
  readonly onOpen: (r: MixUpRow) => void;
}

function RoomOf({ room, data, choice, onOpen }: RoomProps) {
  const go = useGo();
  const first = choice.sections[0] ?? '';
  switch (room) {
    case 'act':
      return (
        <div className="board-layout">
          <ActList rows={data.pairs} onOpen={onOpen} />
          {data.order.length > 1 ? <MatrixView data={data} onOpen={onOpen} /> : null}
        </div>
      );
    case 'pairs':
      return (
        <Pairs
          data={data}
          onOpen={onOpen}
          onCompare={(r) => {
            layOnly(r.truth.id, r.answer.id);
            go('/compare');
          }}
        />
      );
    case 'groups':
      return <Groups section={first} query={queryOf(choice)} />;
    case 'characters':
      return choice.sections.map((id) => <Characters key={id} section={id} />);
    case 'readings':
      return choice.sections.map((id) => <Readings key={id} section={id} />);
    case 'years':
      return <Years section={first} />;
    case 'students':
      return choice.sections.map((id) => <Students key={id} section={id} />);
    case 'species':
      return <Looks rows={data.truths} />;
  }
}

function Board({ data, choice, onOpen }: Omit<RoomProps, 'room'>) {
  const [room, setRoom] = useState<Room>('act');
  if (data.looks === 0)
    return (
      <Nothing title="No graded answer yet">
        Mix-ups are counted once a quiz of this class is graded. See <AppLink to="/quizzes">Quizzes</AppLink>.
      </Nothing>
    );
  return (
    <div className="stack">
      <Base data={data} choice={choice} />
      <Segmented<Room> aria-label="What to show" value={room} onChange={setRoom} options={[...ROOMS]} />
      <Later key={room}>{() => <RoomOf room={room} data={data} choice={choice} onOpen={onOpen} />}</Later>
    </div>
  );
}

function OfClasses({ sections, choice }: { sections: readonly Section[]; choice: Choice }) {
  const [search, setSearch] = useSearchParams();
  const query = queryOf(choice);
  const first = choice.sections[0] ?? '';
  const mixups = useRead('mixups', { id: first }, true, query);
  const pair = search.get('pair')?.split('.');
  const open = (value: string | null): void =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (value === null) next.delete('pair');
      else next.set('pair', value);
      return next;
    });
  if (pair?.[0] && pair[1])
    return (
      <PairView
        section={first}
        list={sections.find((s) => s.id === first)?.list ?? null}
        query={query}
        truth={pair[0]}
        answer={pair[1]}
        onTurn={() => open(`${pair[1] ?? ''}.${pair[0] ?? ''}`)}
        onClose={() => open(null)}
      />
    );
  return (
    <>
      <BoardStrip
        sections={sections}
        data={mixups.data}
        choice={choice}
        onChoose={(part) => setSearch((before) => withChoice(before, { ...choice, ...part }))}
      />
      <Loaded query={mixups}>
        {(data) => <Board data={data} choice={choice} onOpen={(r) => open(`${r.truth.id}.${r.answer.id}`)} />}
      </Loaded>
    </>
  );
}

/** Which species are named for which, how often, by whom; every number opens what it counts. */
export function MixUpsPage() {
  const sections = useRead('sections');
  const atHand = useClassAtHand().section;
  const [search] = useSearchParams();
  return (
    <>
      <PageHead title="Mix-ups" name="Mix-ups" about="Which species students mistake for which." />
      <Loaded query={sections}>
        {(rows) => {
          const known = rows.map((s) => s.id);
          const choice = choiceOf(search, known, atHand?.id ?? known[0] ?? null);
          return choice.sections.length > 0 ? (
            <OfClasses sections={rows} choice={choice} />
          ) : (
            <Nothing title="No class yet">Create a class under Classes.</Nothing>
          );
        }}
      </Loaded>
    </>
  );
}
