import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  cornersSpread,
  mapOf,
  ringsOf,
  spread,
  USUAL_COLOURS,
  type KindCount,
  type SpreadSquare,
  type SquareColours,
} from '@upfell/core';
import { useDocument, useOld, useSizePlan } from '../state/useSizePlan';
import { useBox } from '../ui/useBox';
import type { ScreenSize } from '../worker/screen';
import { beginStroke, paint, usePaint } from './paint';

/** Room round the map for its words, px; and sides of a square. */
const ROOM = 34;
const SIDES = { least: 14, most: 46 };

/** The squares of the chosen size spread out, to be coloured by hand; and what they come to. */
export function MapView() {
  const planned = useSizePlan();
  const old = useOld();
  if (!planned) return <p className="p-8 text-soft">Laying the squares out …</p>;
  const squares = planned.size.pieces.find(({ role }) => role === 'sheet')?.drawn?.squares;
  if (!squares)
    return (
      <p className="max-w-md p-8 text-soft">
        A map shows which square lies where. This garment is of other pieces; “Squares joined to a sheet” can
        be chosen in the step Shape.
      </p>
    );
  return <SheetMapView size={planned.size} faded={old} />;
}

function SheetMapView({ size, faded }: { size: ScreenSize; faded: boolean }) {
  const { finishing } = useDocument();
  const colours = finishing?.squares ?? USUAL_COLOURS;
  const squares = size.pieces.find(({ role }) => role === 'sheet')!.drawn!.squares!;
  const rounds = size.pieces.find(({ role }) => role === 'square')!.ends.last.n;
  // Worked out here as well: a stroke of the hand shows at once.
  const map = useMemo(() => mapOf(squares, colours, size.id), [squares, colours, size.id]);
  return (
    <div className={`print-flow flex min-h-0 grow flex-col overflow-auto p-5 ${faded ? 'opacity-55' : ''}`}>
      <h2 className="mb-1 text-lg">Map of size {size.label}</h2>
      <p className="mb-3 max-w-3xl text-[13px] text-soft" id="map-help">
        Drag over squares to give them the chosen kind. With the keyboard: arrow keys move, a letter or Enter
        places, Delete takes a square back to the rule.
      </p>
      <Grid size={size} map={map.squares} colours={colours} rounds={rounds} />
      <Counts counts={map.counts} size={size} />
    </div>
  );
}

interface GridProps {
  size: ScreenSize;
  map: Parameters<typeof spread>[0];
  colours: SquareColours;
  rounds: number;
}

function Grid({ size, map, colours, rounds }: GridProps) {
  const { ref, box } = useBox<HTMLDivElement>();
  const { squares, columns, rows, fold } = useMemo(() => spread(map), [map]);
  const [at, setAt] = useState({ x: 0, y: 0 });
  const painting = useRef(false);
  const lastAt = useRef<readonly [number, number] | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const byPlace = useMemo(() => new Map(squares.map((one) => [`${one.x},${one.y}`, one])), [squares]);
  const here = byPlace.get(`${at.x},${at.y}`) ?? squares[0]!;
  const side = Math.floor(
    Math.max(
      SIDES.least,
      Math.min(
        SIDES.most,
        (Math.max(240, box?.width ?? 0) - 2 * ROOM) / columns,
        (Math.max(300, box?.height ?? 0) - 2 * ROOM) / rows,
      ),
    ),
  );
  const [width, height] = [columns * side + 2 * ROOM, rows * side + 2 * ROOM];

  /** Where a pointer is on the map, in squares. */
  const placeUnder = ({ clientX, clientY }: PointerEvent): readonly [x: number, y: number] => {
    const { left, top } = svg.current!.getBoundingClientRect();
    return [(clientX - left - ROOM) / side, (clientY - top - ROOM) / side];
  };
  const place = ([px, py]: readonly [number, number]) => {
    const square = byPlace.get(`${Math.floor(px)},${Math.floor(py)}`);
    if (!square) return;
    setAt({ x: square.x, y: square.y });
    const { kind } = usePaint.getState();
    if (kind === null ? square.byHand : square.kind !== kind || !square.byHand) paint(square, size.id);
  };
  /** A quick hand passes over squares between two moves: they are placed as well. */
  const stroke = (event: PointerEvent) => {
    const to = placeUnder(event);
    const from = lastAt.current ?? to;
    const steps = Math.max(1, Math.ceil(2 * Math.hypot(to[0] - from[0], to[1] - from[1])));
    for (let i = 1; i <= steps; i += 1)
      place([from[0] + ((to[0] - from[0]) * i) / steps, from[1] + ((to[1] - from[1]) * i) / steps]);
    lastAt.current = to;
  };
  const move = (dx: number, dy: number) => {
    // Over squares that are left out to the next one there is.
    for (let [x, y] = [here.x + dx, here.y + dy]; x >= 0 && y >= 0 && x < columns && y < rows;) {
      const next = byPlace.get(`${x},${y}`);
      if (next) {
        setAt({ x, y });
        svg.current?.querySelector<SVGGElement>(`[data-place="${x},${y}"]`)?.focus();
        return;
      }
      x += dx;
      y += dy;
    }
  };
  const typed = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const arrow = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const letter = colours.kinds.find(({ id }) => id === event.key.toUpperCase())?.id;
    const placeHere = (kind: string | null) => {
      beginStroke();
      paint(here, size.id, { ...usePaint.getState(), kind });
    };
    if (arrow) move(arrow[0]!, arrow[1]!);
    else if (event.key === 'Enter' || event.key === ' ') placeHere(usePaint.getState().kind);
    else if (event.key === 'Delete' || event.key === 'Backspace') placeHere(null);
    else if (letter) {
      usePaint.setState({ kind: letter });
      placeHere(letter);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div ref={ref} className="min-h-[380px] grow">
      <svg
        ref={svg}
        width={width}
        height={height}
        className="touch-none select-none"
        role="grid"
        aria-label={`Squares of size ${size.label}, the front above, the back below the fold`}
        aria-describedby="map-help"
        aria-rowcount={rows}
        aria-colcount={columns}
        data-testid="map"
        onKeyDown={typed}
        onPointerDown={(event) => {
          if (event.button !== 0) return;
          painting.current = true;
          lastAt.current = null;
          event.currentTarget.setPointerCapture(event.pointerId);
          beginStroke();
          stroke(event);
        }}
        onPointerMove={(event) => painting.current && stroke(event)}
        onPointerUp={() => (painting.current = false)}
        onPointerCancel={() => (painting.current = false)}
      >
        <Words {...{ columns, side, height, fold }} />
        {Array.from({ length: rows }, (_, y) => (
          <g role="row" key={y} aria-rowindex={y + 1}>
            {squares
              .filter((one) => one.y === y)
              .map((square) => (
                <Square
                  key={square.x}
                  square={square}
                  side={side}
                  colours={colours}
                  rounds={rounds}
                  chosen={square === here}
                />
              ))}
          </g>
        ))}
        <path
          d={`M${ROOM - 10},${ROOM + fold * side}H${ROOM + columns * side + 10}`}
          stroke="var(--color-ink)"
          strokeWidth={1.6}
          strokeDasharray="6 3"
          pointerEvents="none"
        />
      </svg>
    </div>
  );
}

function Words({
  columns,
  side,
  height,
  fold,
}: {
  columns: number;
  side: number;
  height: number;
  fold: number;
}) {
  const middle = ROOM + (columns * side) / 2;
  const word = { fontSize: 12, fill: 'var(--color-soft)', textAnchor: 'middle' } as const;
  return (
    <g aria-hidden>
      <text {...word} x={middle} y={ROOM - 12}>
        front, its lower edge
      </text>
      <text {...word} x={middle} y={height - ROOM + 20}>
        back, its lower edge
      </text>
      <text {...word} x={4} y={ROOM + fold * side - 6} textAnchor="start" fontSize={11}>
        fold
      </text>
    </g>
  );
}

interface SquareProps {
  square: SpreadSquare;
  side: number;
  colours: SquareColours;
  rounds: number;
  chosen: boolean;
}

function Square({ square, side, colours, rounds, chosen }: SquareProps) {
  const { x, y, kind, half, byHand, layer, row, column } = square;
  const rings = ringsOf(colours, kind, rounds);
  const point = ([px, py]: readonly [number, number]) => `${ROOM + px * side},${ROOM + py * side}`;
  const name = colours.kinds.find(({ id }) => id === kind)?.name ?? kind;
  const where =
    column === 0 ? 'in the middle' : `${Math.abs(column)} to the ${column < 0 ? 'left' : 'right'}`;
  return (
    <g
      role="gridcell"
      tabIndex={chosen ? 0 : -1}
      data-place={`${x},${y}`}
      data-kind={kind}
      aria-colindex={x + 1}
      aria-label={`${layer}, row ${row} from the fold, ${where}: ${half ? 'half square, ' : ''}${kind}, ${name}${byHand ? ', placed by hand' : ''}`}
      className="group outline-none"
    >
      {rings.map(({ share, shown }) => (
        <polygon
          key={share}
          points={cornersSpread(square, share).map(point).join(' ')}
          fill={shown}
          stroke={share === 1 ? 'var(--color-ink)' : 'none'}
          strokeWidth={0.6}
        />
      ))}
      <text
        x={ROOM + (x + 0.5) * side}
        y={ROOM + (y + 0.5) * side + 4}
        fontSize={Math.min(13, side * 0.5)}
        textAnchor="middle"
        fontWeight={byHand ? 700 : 400}
        textDecoration={byHand === 'size' ? 'underline' : undefined}
        fill="var(--color-ink)"
        stroke="var(--color-sheet)"
        strokeWidth={3}
        paintOrder="stroke"
        aria-hidden
      >
        {half ? kind.toLowerCase() : kind}
      </text>
      <rect
        x={ROOM + x * side + 1.5}
        y={ROOM + y * side + 1.5}
        width={side - 3}
        height={side - 3}
        fill="none"
        stroke="var(--color-eased-stroke)"
        strokeWidth={3}
        className="hidden group-focus-visible:block"
      />
    </g>
  );
}

/** How many squares there are of each kind, and what the yarns come to. */
function Counts({ counts, size }: { counts: readonly KindCount[]; size: ScreenSize }) {
  const hasHalves = counts.some(({ halves }) => halves > 0);
  const yarns = size.yarn.flatMap(({ colours }) => colours).filter(({ colour }) => colour !== null);
  const all = counts.reduce((sum, { whole }) => sum + whole, 0);
  /** Metres of one square, whole or half: all of a size have as many stitches. */
  const each = size.pieces
    .filter(({ role }) => role === 'square')
    .map(({ id, copies }) => {
      const need = size.yarn.flatMap(({ pieces }) => pieces).find(({ piece }) => piece === id);
      return need ? need.metres / copies : null;
    });
  const metresOf = ({ whole, halves }: KindCount) =>
    Math.round(whole * (each[0] ?? 0) + halves * (each[1] ?? 0));
  const weighed = each.length > 0 && each[0] !== null;
  return (
    <div className="mt-3 flex flex-wrap gap-x-12 gap-y-3 text-[13px]">
      <table data-testid="map-counts">
        <thead className="text-soft">
          <tr>
            <th className="pr-8 text-left font-normal">Kind</th>
            <th className="px-3 text-right font-normal">Squares</th>
            {hasHalves && <th className="px-3 text-right font-normal">Half squares</th>}
            {weighed && <th className="px-3 text-right font-normal">Metres</th>}
          </tr>
        </thead>
        <tbody>
          {counts.map((one) => (
            <tr key={one.kind.id} className="border-t border-line/60">
              <td className="pr-8">
                {one.kind.id}, {one.kind.name}
              </td>
              <td className="px-3 text-right">{one.whole}</td>
              {hasHalves && <td className="px-3 text-right">{one.halves}</td>}
              {weighed && <td className="px-3 text-right">{metresOf(one)}</td>}
            </tr>
          ))}
          <tr className="border-t border-line font-semibold">
            <td className="pr-8">All</td>
            <td className="px-3 text-right">{all}</td>
            {hasHalves && (
              <td className="px-3 text-right">{counts.reduce((sum, { halves }) => sum + halves, 0)}</td>
            )}
            {weighed && (
              <td className="px-3 text-right">{counts.reduce((sum, one) => sum + metresOf(one), 0)}</td>
            )}
          </tr>
        </tbody>
      </table>
      {yarns.length > 0 && (
        <table data-testid="map-yarn">
          <thead className="text-soft">
            <tr>
              <th className="pr-8 text-left font-normal">Yarn, all pieces</th>
              <th className="px-3 text-right font-normal">Metres</th>
              <th className="px-3 text-right font-normal">Balls</th>
            </tr>
          </thead>
          <tbody>
            {yarns.map(({ colour, metres, balls }, i) => (
              <tr key={`${colour} ${i}`} className="border-t border-line/60">
                <td className="pr-8">{colour}</td>
                <td className="px-3 text-right">{metres}</td>
                <td className="px-3 text-right">{balls ?? '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
