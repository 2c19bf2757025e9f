import Button from 'antd/es/button';
import type { ColumnsType } from 'antd/es/table';
import type { SoundStation } from '@hurrow/contract';
import { DataTable, TaxonName } from '../parts/index.ts';
import type { CsvRow } from '../parts/index.ts';
import { adviceWords, figureWords, plainName, rightWords } from './words.ts';

const othersWords = ({ others }: SoundStation): string =>
  others
    .slice(0, 3)
    .map((o) => `${plainName(o.taxon)} ${o.n}`)
    .join(', ');

const plain = (s: SoundStation): CsvRow => ({
  station: s.number,
  tag: s.tag ?? '',
  species: s.truth.scientific,
  students: s.n,
  right: s.right,
  percent_right: Math.round((100 * s.right) / s.n),
  others: othersWords(s),
  r_with_rest: s.correlation.is === 'known' ? s.correlation.r : null,
  p: s.correlation.is === 'known' ? s.correlation.p : null,
  difficulty: s.difficulty?.value ?? null,
  se: s.difficulty?.se ?? null,
  advice: adviceWords(s),
});

function Share({ station }: { station: SoundStation }) {
  return (
    <span className="share-cell">
      <svg viewBox="0 0 60 8" className="share-bar" aria-hidden="true">
        <rect width={60} height={8} fill="none" stroke="#9FB0A8" />
        <rect width={(60 * station.right) / station.n} height={8} fill="#0F5C4C" />
      </svg>
      <span className="number">{rightWords(station)}</span>
    </span>
  );
}

/** Every station with who named it, what others wrote, and what to do. */
export function StationsTable({
  stations,
  file,
  onDecide,
}: {
  stations: readonly SoundStation[];
  file: string;
  onDecide: ((station: SoundStation) => void) | null;
}) {
  const columns: ColumnsType<SoundStation> = [
    { title: 'No.', dataIndex: 'number', width: 48, sorter: (a, b) => a.number - b.number },
    {
      title: 'Tree',
      width: 190,
      sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific),
      render: (_, s) => (
        <>
          <TaxonName taxon={s.truth} /> {s.tag ? <span className="quiet">{s.tag}</span> : null}
        </>
      ),
    },
    {
      title: 'Named right',
      width: 150,
      sorter: (a, b) => a.right / a.n - b.right / b.n,
      render: (_, s) => <Share station={s} />,
    },
    { title: 'Others wrote', width: 170, render: (_, s) => <span className="quiet">{othersWords(s)}</span> },
    {
      title: 'What to do',
      render: (_, s) => (
        <>
          {adviceWords(s)}{' '}
          {onDecide && (s.advice === 'check_tag' || s.advice === 'look_at_tag') ? (
            <Button size="small" onClick={() => onDecide(s)}>
              Decide about the tag
            </Button>
          ) : null}
        </>
      ),
    },
  ];
  return (
    <DataTable
      label="Stations"
      rows={stations}
      rowKey={(s) => s.sittingStation}
      columns={columns}
      plain={plain}
      file={file}
      empty={null}
      expanded={(s) => <p className="quiet number">{figureWords(s)}.</p>}
    />
  );
}
