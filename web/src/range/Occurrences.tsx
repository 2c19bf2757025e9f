import { useState } from 'react';
import Button from 'antd/es/button';
import type { OccurrenceRow, RangeDetail, Verdict } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { presenceWord } from './presenceWords.ts';

const VERDICTS: readonly (readonly [Verdict, string])[] = [
  ['accepted', 'Accept'],
  ['rejected', 'Reject'],
  ['unsure', 'Not sure'],
];

const BASIS: Readonly<Record<string, string>> = {
  HumanObservation: 'seen',
  PreservedSpecimen: 'herbarium sheet',
  LivingSpecimen: 'planted collection',
};

/** What a record says against the range, in words. */
function against(o: OccurrenceRow): string {
  if (!o.sameName) return `named ${o.scientificName} alone`;
  if (o.region === null) return 'outside the counties known';
  return o.presence === null ? 'outside the range' : `within: ${presenceWord(o.presence)}`;
}

interface Props {
  readonly detail: RangeDetail;
  readonly mayTeach: boolean;
  readonly onFound: (rows: readonly OccurrenceRow[]) => void;
  readonly onRecord: (region: string) => void;
}

/** Records of the occurrence service, each held against the range and judged by a person. */
export function Occurrences({ detail, mayTeach, onFound, onRecord }: Props) {
  const [found, setFound] = useState<readonly OccurrenceRow[] | null>(null);
  const ask = useWrite('occurrencesAsk');
  const judge = useWrite('occurrenceJudge');
  const params = { id: detail.taxon.id };
  const rows = found ?? detail.occurrences;
  const show = (next: readonly OccurrenceRow[]): void => {
    setFound(next);
    onFound(next);
  };
  const decide = async (o: OccurrenceRow, verdict: Verdict): Promise<void> => {
    const {
      occurrenceID,
      scientificName,
      decimalLatitude,
      decimalLongitude,
      eventDate,
      basisOfRecord,
      locality,
    } = o;
    const record = {
      occurrenceID,
      scientificName,
      decimalLatitude,
      decimalLongitude,
      eventDate,
      basisOfRecord,
      locality,
    };
    await judge.mutateAsync({ params, body: { record, verdict } });
    show(rows.map((r) => (r.occurrenceID === occurrenceID ? { ...r, verdict } : r)));
  };
  return (
    <section className="panel" aria-label="Occurrence records">
      <h2>Occurrence records</h2>
      <p className="quiet">
        From a stand-in for an occurrence service: the records are made up. Nothing enters the range by
        itself.
      </p>
      {mayTeach ? (
        <Button
          loading={ask.isPending}
          onClick={() => void ask.mutateAsync({ params }).then(show, () => undefined)}
        >
          Ask for records
        </Button>
      ) : null}
      <ProblemNote error={ask.error ?? judge.error} />
      {rows.length === 0 ? null : (
        <table className="plain-table">
          <thead>
            <tr>
              <th>Where</th>
              <th>When</th>
              <th>What</th>
              <th>Against the range</th>
              <th>Decided</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((o) => (
              <tr key={o.occurrenceID}>
                <td>
                  {o.locality}
                  <div className="quiet">{o.regionName ?? 'no county'}</div>
                </td>
                <td className="number">{o.eventDate ?? 'no date'}</td>
                <td>{BASIS[o.basisOfRecord] ?? o.basisOfRecord}</td>
                <td>
                  {against(o)}
                  {o.verdict === 'accepted' && o.presence === null && o.region !== null ? (
                    <div>
                      <Button size="small" onClick={() => onRecord(o.region ?? '')}>
                        Record this county
                      </Button>
                    </div>
                  ) : null}
                </td>
                <td>
                  <span className="button-row">
                    {VERDICTS.map(([v, word]) => (
                      <Button
                        key={v}
                        size="small"
                        type={o.verdict === v ? 'primary' : 'default'}
                        aria-pressed={o.verdict === v}
                        disabled={!mayTeach || judge.isPending}
                        onClick={() => void decide(o, v).catch(() => undefined)}
                      >
                        {word}
                      </Button>
                    ))}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
