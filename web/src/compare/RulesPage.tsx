import { useCallback, useMemo, useState } from 'react';
import Button from 'antd/es/button';
import type { RuleRow } from '@hurrow/contract';
import type { Proposed, RuleReport } from '@hurrow/core/rules';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { AppLink, DataTable, Nothing, ProblemNote, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Start } from '../workers/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { RuleBuilder } from './RuleBuilder.tsx';
import { RuleOutcome } from './RuleOutcome.tsx';
import { RuleSentence } from './RuleSentence.tsx';
import { groundOf } from './groundOf.ts';
import { VERDICT, outcomeWords, reportOf, sentenceOf, taxonIn } from './ruleWords.ts';
import type { Compared } from './useCompared.ts';

const PROPOSED = 40;

interface Row {
  readonly rule: RuleRow;
  readonly sentence: string;
  readonly report: RuleReport;
}

function Kept({ compared: c, rules }: { compared: Compared; rules: readonly RuleRow[] }) {
  const rows = useMemo(
    () =>
      rules.map((rule): Row => ({
        rule,
        report: reportOf(c, rule),
        sentence: sentenceOf(c, rule, rule.whoHeader),
      })),
    [c, rules],
  );
  return (
    <DataTable<Row>
      label="Rules of thumb"
      file="rules"
      rows={rows}
      rowKey={(r) => r.rule.id}
      plain={(r) => ({
        rule: r.sentence,
        verdict: VERDICT[r.report.verdict].words,
        outcome: outcomeWords(c, r.report),
        note: r.rule.note,
      })}
      empty={<Nothing title="No rule is kept yet">Build one, or keep one of those found below.</Nothing>}
      columns={[
        {
          title: 'Rule',
          render: (_, r) => (
            <>
              <AppLink to={`/compare/rules/${r.rule.id}?list=${c.list.id}`}>
                <RuleSentence sentence={r.sentence} who={r.rule.whoHeader} />
              </AppLink>
              {r.rule.note ? <div className="quiet">{r.rule.note}</div> : null}
            </>
          ),
        },
        {
          title: 'Against the list',
          width: 150,
          sorter: (a, b) => a.report.verdict.localeCompare(b.report.verdict),
          render: (_, r) => (
            <span className={`tag ${VERDICT[r.report.verdict].tone}`}>{VERDICT[r.report.verdict].words}</span>
          ),
        },
        { title: '', render: (_, r) => <RuleOutcome compared={c} report={r.report} /> },
      ]}
    />
  );
}

function Found({
  compared: c,
  rules,
  mayEdit,
}: {
  compared: Compared;
  rules: readonly RuleRow[];
  mayEdit: boolean;
}) {
  const start = useCallback<Start<readonly Proposed[]>>(
    (work, onProgress) => work.propose(groundOf(c), PROPOSED, onProgress),
    [c],
  );
  const work = useLibraryWork<readonly Proposed[]>(start);
  const keep = useWrite('ruleCreate');
  const kept = new Set(rules.map((r) => JSON.stringify([r.quantifier, r.who, r.when, r.then])));
  const rows = (work.result ?? []).filter(
    ({ rule: r }) => !kept.has(JSON.stringify([r.quantifier, r.who, r.when, r.then])),
  );
  const names = (p: Proposed): string =>
    p.subjects.map((i) => c.members[i]?.common ?? c.members[i]?.scientific ?? '').join(', ');
  return (
    <>
      <h2 className="room-head">Found in the list</h2>
      <ProblemNote error={keep.error} />
      <WorkNote what="Looking for rules" work={work} />
      {work.result ? (
        <DataTable<Proposed>
          label="Rules found"
          file="rules-found"
          rows={rows}
          rowKey={(p) => JSON.stringify(p.rule)}
          plain={(p) => ({ rule: sentenceOf(c, p.rule, taxonIn(c, p.rule.who)), species: names(p) })}
          empty={
            <Nothing title="No more rules">Nothing else is true of the list without exception now.</Nothing>
          }
          tools={<span className="quiet">True of this list without exception, short ones first.</span>}
          columns={[
            {
              title: 'Rule',
              render: (_, p) => {
                const who = taxonIn(c, p.rule.who);
                return <RuleSentence sentence={sentenceOf(c, p.rule, who)} who={who} />;
              },
            },
            {
              title: 'Decides',
              width: 320,
              sorter: (a, b) => a.subjects.length - b.subjects.length,
              render: (_, p) => (
                <span className="quiet">
                  <b className="number">{p.subjects.length}</b>: {names(p)}
                </span>
              ),
            },
            {
              title: '',
              width: 70,
              render: (_, p) =>
                mayEdit ? (
                  <Button
                    size="small"
                    loading={keep.isPending}
                    onClick={() => keep.mutate({ body: { ...p.rule, note: null } })}
                  >
                    Keep
                  </Button>
                ) : null,
            },
          ]}
        />
      ) : null}
    </>
  );
}

function Rules({ compared }: { compared: Compared }) {
  const [building, setBuilding] = useState(false);
  const mayEdit = useMayTeach();
  const rules = useRead('rules').data ?? [];
  return (
    <>
      {mayEdit && !building ? (
        <p>
          <Button type="primary" onClick={() => setBuilding(true)}>
            Build a rule
          </Button>
        </p>
      ) : null}
      {building ? <RuleBuilder compared={compared} rule={null} onDone={() => setBuilding(false)} /> : null}
      <Kept compared={compared} rules={rules} />
      <Found compared={compared} rules={rules} mayEdit={mayEdit} />
    </>
  );
}

/** Rules of thumb: built as sentences, held against the list, kept; and those found in it. */
export function RulesPage() {
  return (
    <CompareRoom
      title="Rules of thumb"
      name="Rules of thumb"
      about="A rule may have exceptions; then it is taught with them."
    >
      {(c) => <Rules compared={c} />}
    </CompareRoom>
  );
}
