import DatePicker from 'antd/es/date-picker';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import dayjs from 'dayjs';
import type { CuttingRow, SittingDetail } from '@hurrow/contract';
import type { SpecimenState } from '@hurrow/core/cutting';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { DataTable, ProblemNote, TaxonName, counted } from '../parts/index.ts';
import { SPECIMEN_WORDS, isTooOld, nextStates, whatWords, whenWords } from './cuttingWords.ts';

/** What to cut or gather for a sitting, and how far each has come. */
export function CuttingPanel({ sitting }: { sitting: SittingDetail }) {
  const { today } = useSession();
  const rows = useRead('cuttingList', { id: sitting.id });
  const change = useWrite('specimenChange');
  if (!rows.data || rows.data.length === 0) return <ProblemNote error={rows.error} />;
  const say = (row: CuttingRow, state: SpecimenState, takenOn?: string): void =>
    change.mutate({
      params: { id: row.sittingStation, material: row.material },
      body: { state, ...(takenOn ? { takenOn } : {}) },
      version: row.version,
    });
  const left = rows.data.filter((r) => r.state === 'to_gather' && r.permission !== 'forbidden').length;
  return (
    <section className="panel" aria-label="Cutting list">
      <h2>Cutting list</h2>
      <p className="quiet">
        {left === 0 ? 'Everything is gathered.' : `${counted(left, 'piece')} to gather.`} Ask the owner first,
        take little, cut from the branch end, and follow local rules. Move nothing that may carry pests or
        disease.
      </p>
      <ProblemNote error={change.error} />
      <DataTable<CuttingRow>
        label="Pieces"
        file={`cutting list ${sitting.quizName} ${sitting.sectionName}`}
        rows={rows.data}
        rowKey={(r) => r.label}
        empty={null}
        tools={
          <>
            <Button href={`/print/sittings/${sitting.id}/cutting-list`} target="_blank">
              Print cutting list
            </Button>
            <Button href={`/print/sittings/${sitting.id}/labels`} target="_blank">
              Print labels
            </Button>
          </>
        }
        plain={(r) => ({
          label: r.label,
          what: whatWords(r),
          species: r.taxon.scientific,
          tree: r.tree.tag,
          where: r.tree.trail ?? r.tree.site,
          when: whenWords(r, sitting.on, today),
          state: SPECIMEN_WORDS[r.state],
        })}
        columns={[
          { title: 'Label', width: 70, className: 'number', render: (_, r) => <b>{r.label}</b> },
          {
            title: 'What',
            render: (_, r) => (
              <>
                {whatWords(r)}
                {r.spoiled > 0 ? <span className="quiet"> ({r.spoiled} spoiled before)</span> : null}
              </>
            ),
          },
          { title: 'From', render: (_, r) => <TaxonName taxon={r.taxon} /> },
          {
            title: 'Tree',
            sorter: (a, b) => a.tree.tag.localeCompare(b.tree.tag, 'en', { numeric: true }),
            render: (_, r) => `${r.tree.tag}, ${r.tree.trail ?? r.tree.site}`,
          },
          {
            title: 'When',
            sorter: (a, b) => a.from.localeCompare(b.from),
            render: (_, r) => (
              <span className={isTooOld(r, sitting.on) ? 'verdict unfair' : ''}>
                {whenWords(r, sitting.on, today)}
              </span>
            ),
          },
          {
            title: 'State',
            render: (_, r) =>
              r.permission === 'forbidden' ? (
                <span className="quiet">protected</span>
              ) : (
                <span className="field-row">
                  <Select<SpecimenState>
                    size="small"
                    aria-label={`State of ${r.label}`}
                    value={r.state}
                    options={nextStates(r).map((s) => ({ value: s, label: SPECIMEN_WORDS[s] }))}
                    onChange={(s) => say(r, s)}
                  />
                  {r.takenOn === null ? null : (
                    <DatePicker
                      size="small"
                      allowClear={false}
                      aria-label={`Day ${r.label} was taken`}
                      format="MMM D"
                      value={dayjs(r.takenOn)}
                      onChange={(d) => d && say(r, r.state, d.format('YYYY-MM-DD'))}
                    />
                  )}
                </span>
              ),
          },
        ]}
      />
    </section>
  );
}
