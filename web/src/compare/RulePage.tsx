import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { RuleRow } from '@hurrow/contract';
import { addDays, dayOfYear, showDay } from '@hurrow/core/conditions';
import { decides, weeksOf } from '@hurrow/core/rules';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useMayTeach } from '../app/index.ts';
import { AppLink, Nothing, ProblemNote, TaxonName } from '../parts/index.ts';
import { MonthScale } from '../species/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { MemberNames } from './MemberNames.tsx';
import { RuleBuilder } from './RuleBuilder.tsx';
import { RuleSentence } from './RuleSentence.tsx';
import { BREACH, VERDICT, reportOf, sentenceOf } from './ruleWords.ts';
import type { Compared } from './useCompared.ts';
import '../species/profile.css';

function Names({ compared: { members }, of }: { compared: Compared; of: readonly number[] }) {
  return (
    <ul className="plain-list rule-names">
      {of.map((i) => {
        const m = members[i];
        return m ? (
          <li key={m.id}>
            <AppLink to={`/species/${m.id}`}>
              <TaxonName taxon={m} />
            </AppLink>
          </li>
        ) : null;
      })}
    </ul>
  );
}

function Weeks({ weeks, year }: { weeks: readonly boolean[]; year: string }) {
  const first = `${year}-01-01`;
  const n = weeks.filter((w) => w).length;
  const day = (w: number): string => showDay(dayOfYear(addDays(first, 7 * w)));
  return (
    <>
      <p>
        Can be seen on all of them in <b className="number">{n} of 52</b> weeks with the material and handling
        above.
      </p>
      <MonthScale />
      <svg
        className="week-strip"
        viewBox="0 0 520 14"
        preserveAspectRatio="none"
        role="img"
        aria-label={`Weeks in which it can be seen, from ${weeks.flatMap((w, i) => (w && !weeks[i - 1] ? [day(i)] : [])).join(' and from ') || 'none'}`}
      >
        {weeks.map((w, i) => (
          <rect
            key={i}
            className={w ? 'clean' : 'unproven'}
            x={i * 10}
            width={10}
            y={w ? 1 : 10}
            height={w ? 12 : 3}
          />
        ))}
      </svg>
    </>
  );
}

function One({ compared: c, rule }: { compared: Compared; rule: RuleRow }) {
  const [changing, setChanging] = useState(false);
  const go = useGo();
  const mayEdit = useMayTeach();
  const remove = useWrite('ruleRemove');
  const report = useMemo(() => reportOf(c, rule), [c, rule]);
  const weeks = useMemo(
    () => weeksOf(rule, report, c.described, c.vocabulary, c.conditions),
    [rule, report, c],
  );
  const { words, tone } = VERDICT[report.verdict];
  if (changing) return <RuleBuilder compared={c} rule={rule} onDone={() => setChanging(false)} />;
  return (
    <>
      <section className="panel" aria-label="The rule">
        <div className="panel-head">
          <h2>
            <RuleSentence sentence={sentenceOf(c, rule, rule.whoHeader)} who={rule.whoHeader} />
          </h2>
          <span className={`tag ${tone}`}>{words}</span>
        </div>
        {rule.note ? <p>{rule.note}</p> : null}
        {mayEdit ? (
          <span className="line-tools">
            <Button size="small" onClick={() => setChanging(true)}>
              Change
            </Button>
            <Popconfirm
              title="Delete this rule?"
              okText="Delete rule"
              cancelText="Cancel"
              onConfirm={() =>
                void remove.mutateAsync({ params: { id: rule.id }, version: rule.version }).then(
                  () => go(`/compare/rules?list=${c.list.id}`),
                  () => undefined,
                )
              }
            >
              <Button size="small">Delete rule</Button>
            </Popconfirm>
          </span>
        ) : null}
        <ProblemNote error={remove.error} />
      </section>
      <div className="two-columns rule-parts">
        <section className="panel" aria-label="Species it decides">
          <h2>Decides {decides(report).length}</h2>
          <Names compared={c} of={decides(report)} />
        </section>
        <section className="panel" aria-label="Exceptions">
          <h2>Exceptions: {report.exceptions.length === 0 ? 'none' : report.exceptions.length}</h2>
          <ul className="plain-list">
            {report.exceptions.map((e) => {
              const m = c.members[e.member];
              return m ? (
                <li key={m.id}>
                  <TaxonName taxon={m} /> <span className="quiet">{BREACH[e.breach]}</span>
                </li>
              ) : null;
            })}
          </ul>
          {report.untestable.length > 0 ? (
            <>
              <h3>Not recorded</h3>
              <Names compared={c} of={report.untestable} />
            </>
          ) : null}
        </section>
      </div>
      <section className="panel" aria-label="When it holds">
        <h2>When</h2>
        <Weeks weeks={weeks} year={c.conditions.date.slice(0, 4)} />
        {report.hidden.length > 0 ? (
          <p className="quiet">
            Not now on{' '}
            <MemberNames
              compared={c}
              all={report.hidden.map((h) => h.member)}
              after={(n) => ` (${report.hidden[n]?.reason ?? ''})`}
            />
            .
          </p>
        ) : null}
      </section>
    </>
  );
}

/** One rule: which species it decides, who stands against it, and when it can be seen. */
export function RulePage() {
  const { id = '' } = useParams();
  const rules = useRead('rules');
  const rule = rules.data?.find((r) => r.id === id);
  return (
    <CompareRoom title="A rule of thumb" name="Rule" about="Held against the list chosen here.">
      {(c) =>
        rule ? (
          <One compared={c} rule={rule} />
        ) : rules.data ? (
          <Nothing title="There is no such rule">
            It may have been given up. <AppLink to="/compare/rules">All rules</AppLink>
          </Nothing>
        ) : (
          <div className="page-note quiet">Reading…</div>
        )
      }
    </CompareRoom>
  );
}
