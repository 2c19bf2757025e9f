import { useRef, useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { MixUpRow, MixUps, TaxonHeader } from '@hurrow/contract';
import { matrixOf } from './matrix.ts';
import { plain, plainWords } from './boardWords.ts';

const CELL = 26;
const LEFT = 170;
const TOP = 132;
const ALL = -1;

const headersOf = (pairs: readonly MixUpRow[]): ReadonlyMap<string, TaxonHeader> =>
  new Map(pairs.flatMap((p) => [[p.truth.id, p.truth] as const, [p.answer.id, p.answer] as const]));

/** Saves the drawing as it stands. */
function saveSvg(svg: SVGSVGElement): void {
  const text = new XMLSerializer().serializeToString(svg);
  const url = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = 'mix-ups.svg';
  link.click();
  URL.revokeObjectURL(url);
}

/** Saves the drawing as a picture of twice its size. */
function savePng(svg: SVGSVGElement): void {
  const { width, height } = svg.viewBox.baseVal;
  const image = new Image();
  const text = new XMLSerializer().serializeToString(svg);
  image.onload = () => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [2 * width, 2 * height];
    const pen = canvas.getContext('2d');
    if (!pen) return;
    pen.fillStyle = '#ffffff';
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(image, 0, 0, canvas.width, canvas.height);
    const link = document.createElement('a');
    link.href = canvas.toDataURL('image/png');
    link.download = 'mix-ups.png';
    link.click();
  };
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
}

/** One cell: its number, a hatching where it is more than slips, a thick frame where it came back. */
function CellMark({ row, x, y, onOpen }: { row: MixUpRow; x: number; y: number; onOpen: () => void }) {
  const isBack = row.state === 'repeat' || row.state === 'stubborn';
  const isFlagged = row.slips?.flagged ?? false;
  return (
    <g
      role="button"
      tabIndex={0}
      className="matrix-cell"
      aria-label={plainWords(row)}
      transform={`translate(${LEFT + x * CELL} ${TOP + y * CELL})`}
      onClick={onOpen}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        onOpen();
      }}
    >
      <title>{plainWords(row)}</title>
      <rect
        x={1}
        y={1}
        width={CELL - 2}
        height={CELL - 2}
        fill={isFlagged ? 'url(#more-than-slips)' : '#FFFFFF'}
        stroke={isBack ? '#A5173F' : '#9FB0A8'}
        strokeWidth={isBack ? 3 : 1}
      />
      <text
        x={CELL / 2}
        y={CELL / 2 + 4.5}
        textAnchor="middle"
        fontSize={12.5}
        fontWeight={isFlagged ? 700 : 400}
        fill="#12211C"
      >
        {row.students}
      </text>
    </g>
  );
}

/** The matrix of a list: truth down, written across, confused species side by side, clusters framed. */
export function MatrixView({ data, onOpen }: { data: MixUps; onOpen: (row: MixUpRow) => void }) {
  const [zoom, setZoom] = useState(ALL);
  const drawing = useRef<SVGSVGElement>(null);
  const { species, cells, frames } = matrixOf(data, zoom === ALL ? null : zoom);
  const headers = headersOf(data.pairs);
  const nameOf = (id: string): string => {
    const header = headers.get(id);
    return header ? plain(header) : '';
  };
  const [width, height] = [LEFT + species.length * CELL + 90, TOP + species.length * CELL + 8];
  return (
    <section className="panel" aria-label="Matrix">
      <div className="table-tools">
        <h2>Written across, the tree down</h2>
        <span className="spring" />
        {data.clusters.length > 0 ? (
          <Select<number>
            aria-label="What the matrix shows"
            className="pick"
            value={zoom}
            onChange={setZoom}
            options={[
              { value: ALL, label: 'every species' },
              ...data.clusters.map((c, i) => ({ value: i, label: c.map(nameOf).join(', ') })),
            ]}
          />
        ) : null}
        <Button size="small" onClick={() => (drawing.current ? saveSvg(drawing.current) : undefined)}>
          Save as SVG
        </Button>
        <Button size="small" onClick={() => (drawing.current ? savePng(drawing.current) : undefined)}>
          Save as PNG
        </Button>
      </div>
      <div className="matrix-scroll" tabIndex={0} role="group" aria-label="The matrix, scrolls">
        <svg
          ref={drawing}
          xmlns="http://www.w3.org/2000/svg"
          viewBox={`0 0 ${width} ${height}`}
          width={width}
          height={height}
          fontFamily="sans-serif"
        >
          <defs>
            <pattern
              id="more-than-slips"
              width="5"
              height="5"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="5" height="5" fill="#F8E6EB" />
              <line x1="0" y1="0" x2="0" y2="5" stroke="#E3B4C2" strokeWidth="2" />
            </pattern>
          </defs>
          {species.map((id, i) => (
            <g key={id} fontSize={12} fill="#12211C">
              <text x={LEFT - 8} y={TOP + i * CELL + CELL / 2 + 4} textAnchor="end">
                {nameOf(id)}
              </text>
              <text transform={`translate(${LEFT + i * CELL + CELL / 2 + 4} ${TOP - 6}) rotate(-55)`}>
                {nameOf(id)}
              </text>
              <line
                x1={LEFT}
                x2={LEFT + species.length * CELL}
                y1={TOP + i * CELL}
                y2={TOP + i * CELL}
                stroke="#E8EEEB"
              />
              <line
                y1={TOP}
                y2={TOP + species.length * CELL}
                x1={LEFT + i * CELL}
                x2={LEFT + i * CELL}
                stroke="#E8EEEB"
              />
              <rect
                x={LEFT + i * CELL + 9}
                y={TOP + i * CELL + 9}
                width={CELL - 18}
                height={CELL - 18}
                fill="#D5DEDA"
              />
            </g>
          ))}
          {frames.map((f) => (
            <rect
              key={f.from}
              x={LEFT + f.from * CELL}
              y={TOP + f.from * CELL}
              width={(f.to - f.from + 1) * CELL}
              height={(f.to - f.from + 1) * CELL}
              fill="none"
              stroke="#12211C"
              strokeWidth={1.5}
              strokeDasharray="5 3"
            />
          ))}
          {cells.map((c) => (
            <CellMark key={`${c.x}/${c.y}`} {...c} onOpen={() => onOpen(c.row)} />
          ))}
        </svg>
      </div>
      <p className="quiet">
        A number is students. Hatched: more than slips would give. Thick frame: came back. Dashed frame: a
        cluster.
      </p>
    </section>
  );
}
