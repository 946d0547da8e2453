import { memo } from 'react';
import { countOf, type YokeStyle } from '@upfell/core';
import { DragHandle } from '../ui/DragHandle';
import { useHeld } from '../ui/useHeld';
import type { FlatYoke } from './fromAbove';
import type { YokePart } from './yokeRows';
import { editStyle, withFigure } from '../state/style';

type Point = readonly [x: number, y: number];

interface Props {
  yoke: FlatYoke;
  /** The other sizes, laid over it. */
  others: readonly FlatYoke[];
  chosen: number;
  style: YokeStyle;
  size: string;
  /** Underarm chain: stitches, and stitches for each cm. */
  chain: number;
  perCm: number;
  width: number;
  height: number;
}

const PAD = 46;
const GROUND = {
  back: 'var(--color-cloth)',
  front: 'var(--color-cloth)',
  'sleeve-left': 'var(--color-row-light)',
  'sleeve-right': 'var(--color-row-light)',
};

/** The yoke as it lies on a table, back at the top: four lines, the row under the pointer, the underarm chain to drag. */
export const YokeAbove = memo(function YokeAbove({
  yoke,
  others,
  chosen,
  style,
  size,
  chain,
  perCm,
  width,
  height,
}: Props) {
  const all = [yoke, ...others];
  const front = yoke.parts.find(({ id }) => id === 'front')!;
  const halfWidth = Math.max(
    ...all.map(({ neck, depth }) => neck[0] + depth),
    // The chain to be dragged lies beside the front.
    front.edge[1][0] + chain / perCm,
  );
  const halfHeight = Math.max(...all.map(({ neck, depth }) => neck[1] + depth));
  const [scale, hold] = useHeld(Math.min((width / 2 - PAD) / halfWidth, (height / 2 - PAD) / halfHeight));
  const at = ([x, y]: Point): Point => [width / 2 + x * scale, height / 2 + y * scale];
  const path = (points: readonly Point[]) =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${at(point).join(',')}`).join('');
  const partOf = (wanted: YokePart) => yoke.parts.find(({ id }) => id === wanted)!;
  const [left, right] = [partOf('sleeve-left'), partOf('sleeve-right')];
  const back = partOf('back');
  const row = yoke.rows[Math.min(chosen, yoke.rows.length - 1)]!;
  /** The four lines: from the neck to the split, beside both parts that meet there. */
  const wedges: [Point, Point][] = [
    [back.edge[1], left!.edge[0]],
    [left!.edge[1], front.edge[1]],
    [front.edge[0], right!.edge[1]],
    [right!.edge[0], back.edge[0]],
  ];
  const underarm = at(front.edge[1]);
  const chainWidth = (chain / perCm) * scale;
  return (
    <svg width={width} height={height} role="group" aria-label="Yoke from above" data-testid="yoke-above">
      {others.map((other, i) => (
        <path
          key={i}
          d={other.parts.flatMap(({ polygons }) => polygons.map((points) => `${path(points)}Z`)).join('')}
          fill="none"
          stroke="var(--color-thread)"
        />
      ))}
      {yoke.parts.map(({ id, polygons }) => (
        <path
          key={id}
          d={polygons.map((points) => `${path(points)}Z`).join('')}
          fill={GROUND[id]}
          stroke="var(--color-ink)"
          strokeWidth={1.5}
          strokeLinejoin="round"
        />
      ))}
      {wedges.map(([a, b], i) => (
        <path key={i} d={path([a, b])} stroke="var(--color-agreed)" strokeWidth={1.4} strokeDasharray="2 4" />
      ))}
      {yoke.parts.map(({ id, rowAt }) => {
        const [a, b] = rowAt(Math.min(chosen, yoke.rows.length - 1));
        return <path key={id} d={path([a, b])} stroke="var(--color-handle)" strokeWidth={2.5} />;
      })}
      {yoke.parts.map(({ id, middle }) => {
        const [x, y] = at(middle);
        return (
          // Edges and rows may run here: the words stand on a ground of their own.
          <text
            key={id}
            x={x}
            y={y}
            textAnchor="middle"
            fontSize={13}
            fill="var(--color-ink)"
            stroke={GROUND[id]}
            strokeWidth={5}
            paintOrder="stroke"
          >
            <tspan x={x} fontWeight={600}>
              {id === 'back' ? 'Back' : id === 'front' ? 'Front' : 'Sleeve'}
            </tspan>
            <tspan x={x} dy={16}>
              {Math.round(row.stitches[id] * 10) / 10} st
            </tspan>
          </text>
        );
      })}
      <text x={width / 2} y={height / 2 + 4} textAnchor="middle" fontSize={12} fill="var(--color-soft)">
        neck
      </text>
      <DragHandle
        label="Underarm chain"
        text={`${countOf(chain, 'stitch', 'stitches')} under each arm`}
        value={chain}
        least={1}
        most={chain + 60}
        along="x"
        step={scale / perCm}
        from={[underarm[0] + 8, underarm[1] + 12]}
        to={[underarm[0] + 8 + Math.max(6, chainWidth), underarm[1] + 12]}
        testId="handle-underarm"
        onHold={hold}
        onMove={(value, dragging) =>
          editStyle(
            'underarm',
            withFigure(style.underarm, size, Math.round((value / perCm) * 100) / 100),
            dragging,
          )
        }
      />
      <text
        x={underarm[0] + 8 + Math.max(6, chainWidth)}
        y={underarm[1] + 28}
        textAnchor="end"
        fontSize={11.5}
        fill="var(--color-handle)"
      >
        underarm chain {chain}
      </text>
    </svg>
  );
});
