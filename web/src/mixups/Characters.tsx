import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Select from 'antd/es/select';
import type { CharacterRate, CharactersOfClass, MissFitOfClass } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { SMALLEST_CLASS } from '@hurrow/core/mixups';
import { request, useRead, useWrite } from '../api/index.ts';
import { useMayTeach, useSession, useView, useVocabulary } from '../app/index.ts';
import {
  DataTable,
  IntervalLine,
  JobNote,
  Loaded,
  Nothing,
  ProblemNote,
  counted,
  useJob,
  rangeWords,
  shareWords,
} from '../parts/index.ts';
import { CharacterDrawer } from './CharacterDrawer.tsx';
import {
  baseWords,
  behindWords,
  changeWords,
  howWords,
  inBundles,
  leftOutWords,
  slopeWords,
  spanWords,
  unknownWords,
} from './rateWords.ts';
import { plain } from './boardWords.ts';

const ALL = '';

/** Chooses the sittings, works the rates out, and says how far it is. */
function Fitting({ section, data }: { section: string; data: CharactersOfClass }) {
  const { today } = useSession();
  const client = useQueryClient();
  const job = useJob();
  const [from, setFrom] = useState(ALL);
  const isRunning = job.state?.state === 'running';
  const run = async (): Promise<void> => {
    await job.run(() =>
      request('charactersFit', { params: { id: section }, body: { from: from === ALL ? null : from } }),
    );
    await client.invalidateQueries({ queryKey: ['characters'] });
  };
  return (
    <div className="stack">
      <div className="board-strip">
        <label className="field" htmlFor="fit-from">
          <span>Quizzes</span>
          <Select<string>
            id="fit-from"
            className="pick"
            value={from}
            onChange={setFrom}
            options={[
              { value: ALL, label: `all (${data.sittings.length})` },
              ...data.sittings.slice(1).map((s) => ({
                value: s.on,
                label: `from ${showDate(s.on, today)} on (${s.quiz})`,
              })),
            ]}
          />
        </label>
        <Button
          type={data.fit?.isCurrent ? 'default' : 'primary'}
          loading={isRunning}
          onClick={() => void run()}
        >
          {data.fit ? 'Work out rates again' : 'Work out rates'}
        </Button>
      </div>
      <JobNote job={job} />
      <ProblemNote error={job.error} />
    </div>
  );
}

/** What the rates rest on, and whether they weigh in anything. */
function Fitted({ section, data, fit }: { section: string; data: CharactersOfClass; fit: MissFitOfClass }) {
  const { today } = useSession();
  const mayTeach = useMayTeach();
  const apply = useWrite('charactersApply');
  const isApplied = data.applied?.id === fit.id;
  const isKnown = fit.rates.some((r) => r.verdict === 'estimated');
  const slope = slopeWords(fit.slope);
  const ready = fit.readiness.slice(0, 3).map((r) => plain(r.taxon));
  const set = (id: string | null): void => apply.mutate({ params: { id: section }, body: { fit: id } });
  return (
    <div className="stack">
      {fit.isCurrent ? null : (
        <Alert
          type="warning"
          showIcon
          title="Answers, keys or lessons changed since these rates were worked out. Work them out again."
        />
      )}
      {fit.settled ? null : (
        <Alert
          type="info"
          showIcon
          title="The rates had not fully settled after 60 passes over the answers; take their ranges as a little too narrow."
        />
      )}
      <p>
        From {counted(fit.looks, 'answer')} of {counted(fit.students, 'student')} in {spanWords(fit, today)},
        among answers that name a species. {leftOutWords(fit.leftOut)} A name is written by a slip{' '}
        {shareWords(fit.slips.value)} times. {slope}{' '}
        {ready.length > 0 ? `Names given most readily: ${ready.join(', ')}.` : ''} Ranges hold the true rate
        about 9 times in 10.
      </p>
      <div className="board-strip">
        {mayTeach ? (
          isApplied ? (
            <Button loading={apply.isPending} onClick={() => set(null)}>
              Stop using these rates
            </Button>
          ) : (
            <Button disabled={!isKnown} loading={apply.isPending} onClick={() => set(fit.id)}>
              Apply these rates
            </Button>
          )
        ) : null}
        <span className="quiet">
          {isApplied
            ? 'They weigh in the order of tells, in difficulty and in lessons of this class. They never decide whether a station is fair.'
            : data.applied
              ? `The rates of ${spanWords(data.applied, today)} are applied now.`
              : isKnown
                ? 'Until rates are applied, tells and difficulty go by what is usual for learners.'
                : 'No rate is known well enough to apply. More quizzes and character questions will tell.'}
        </span>
      </div>
      <ProblemNote error={apply.error} />
    </div>
  );
}

function Rates({ data, fit }: { data: CharactersOfClass; fit: MissFitOfClass }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const { today } = useSession();
  const [open, setOpen] = useState<string | null>(null);
  const [isAll, setAll] = useState(false);
  const used = fit.rates.filter((r) => r.direct + r.indirect > 0);
  const unused = fit.rates.length - used.length;
  const nameOf = (id: string): string => {
    const c = vocabulary?.get(id);
    // Some are worded as a question to a student.
    if (c) return characterWords(c, wording.words).replace(/\?$/, '');
    const old = data.retired.find((r) => r.character === id);
    return old ? `${wording.words === 'plain' ? old.plain : old.term} (retired)` : id;
  };
  const rate = fit.rates.find((r) => r.character === open) ?? null;
  return (
    <>
      <DataTable<CharacterRate>
        label="Characters"
        file="characters missed"
        rows={inBundles(isAll ? fit.rates : used)}
        rowKey={(r) => r.character}
        plain={(r) => ({
          character: nameOf(r.character),
          missed: r.verdict === 'estimated' ? r.m.value : null,
          low: r.verdict === 'estimated' ? r.m.low : null,
          high: r.verdict === 'estimated' ? r.m.high : null,
          'not used': r.split?.u ?? null,
          'seen wrong': r.split?.e ?? null,
          names: r.indirect,
          calls: r.direct,
          behind: Math.round(r.avoided),
          known: r.verdict,
          'not told from': r.bundle
            .filter((c) => c !== r.character)
            .map(nameOf)
            .join('; '),
        })}
        tools={
          unused > 0 ? (
            <Checkbox checked={isAll} onChange={(e) => setAll(e.target.checked)}>
              and {counted(unused, 'character')} that no answer depends on
            </Checkbox>
          ) : null
        }
        empty={<Nothing title="No character yet">No answer depends on any character.</Nothing>}
        columns={[
          {
            title: 'Character',
            width: 240,
            sorter: (a, b) => nameOf(a.character).localeCompare(nameOf(b.character)),
            render: (_, r) => (
              <span className="bundle">
                {[r.character, ...r.bundle.filter((c) => c !== r.character)].map((c) => (
                  <Button key={c} size="small" onClick={() => setOpen(c)} aria-label={`Open ${nameOf(c)}`}>
                    {nameOf(c)}
                  </Button>
                ))}
              </span>
            ),
          },
          {
            title: 'Missed',
            width: 300,
            sorter: (a, b) => a.m.value - b.m.value,
            render: (_, r) =>
              r.verdict === 'estimated' ? (
                <IntervalLine value={r.m.value} low={r.m.low} high={r.m.high}>
                  {shareWords(r.m.value)} <span className="quiet">({rangeWords(r.m.low, r.m.high)})</span>
                </IntervalLine>
              ) : (
                <span className="quiet">{unknownWords(r, nameOf)}</span>
              ),
          },
          {
            title: 'How',
            render: (_, r) => (
              <span>
                {howWords(r, data.called.find((c) => c.character === r.character)?.wrong)}
                {changeWords(r, today) ? <div className="quiet">{changeWords(r, today)}</div> : null}
              </span>
            ),
          },
          {
            title: 'Rests on',
            width: 150,
            sorter: (a, b) => a.indirect + a.direct - b.indirect - b.direct,
            render: (_, r) => <span className="quiet">{baseWords(r)}</span>,
          },
          {
            title: 'Wrong answers it is behind',
            width: 130,
            className: 'number',
            defaultSortOrder: 'descend',
            sorter: (a, b) => a.avoided - b.avoided,
            render: (_, r) => behindWords(r.avoided),
          },
        ]}
      />
      <CharacterDrawer
        rate={rate}
        called={data.called.find((c) => c.character === open)}
        character={open === null ? undefined : vocabulary?.get(open)}
        nameOf={nameOf}
        onClose={() => setOpen(null)}
      />
      {data.neverCalled.length > 0 ? (
        <p className="quiet">
          Never asked as a character question, though they tell species of your quizzes apart:{' '}
          {data.neverCalled.slice(0, 8).map(nameOf).join(', ')}
          {data.neverCalled.length > 8 ? ` and ${data.neverCalled.length - 8} more` : ''}. Only a question
          shows whether a character is seen wrong or not used.
        </p>
      ) : null}
    </>
  );
}

/** Which characters a class misses, and how sure that is. */
export function Characters({ section }: { section: string }) {
  const read = useRead('characters', { id: section });
  return (
    <Loaded query={read}>
      {(data) =>
        data.small ? (
          <Nothing title="Too few students for rates">
            This class has {data.students} students with answers; rates need {SMALLEST_CLASS}. Counts by
            student are under Students.
          </Nothing>
        ) : (
          <div className="stack">
            <Fitting section={section} data={data} />
            {data.fit ? (
              <>
                <Fitted section={section} data={data} fit={data.fit} />
                <Rates data={data} fit={data.fit} />
              </>
            ) : (
              <Nothing title="No rates yet">
                Rates say how often this class misses each character. They are worked out from the names it
                wrote and from its character questions.
              </Nothing>
            )}
          </div>
        )
      }
    </Loaded>
  );
}
