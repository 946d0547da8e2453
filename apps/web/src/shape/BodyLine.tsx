import { area, curveMonotoneY, line, scaleLinear } from 'd3';
import { memo } from 'react';
import {
  armLevels,
  bodyLevels,
  formatLength,
  measurement,
  yokeLevels,
  type BodyLevel,
  type Girth,
  type Units,
} from '@upfell/core';
import { useSizePlan, useUnits } from '../state/useSizePlan';
import { useBox } from '../ui/useBox';
import { roundAt } from './roundAt';

/** Body and garment by height: how round each is from the shoulder down and along the arm, the ease between them shaded. */
export function BodyLine() {
  const planned = useSizePlan();
  const { ref, box } = useBox<HTMLDivElement>();
  if (!planned) return <p className="p-8 text-soft">Measuring …</p>;
  const { body, girths } = planned.size;
  const lines = [
    ...(girths.yoke ? [{ title: 'Yoke, neck down', levels: yokeLevels(body), girths: girths.yoke }] : []),
    { title: girths.yoke ? 'Body' : 'Body, shoulder down', levels: bodyLevels(body), girths: girths.body },
    { title: girths.yoke ? 'Arm' : 'Arm, shoulder to wrist', levels: armLevels(body), girths: girths.arm },
  ];
  return (
    <div
      ref={ref}
      className="flex min-h-0 grow items-start gap-x-4 overflow-auto p-4"
      data-testid="body-line"
    >
      {box &&
        lines.map(({ title, levels, girths: garment }, i) => (
          <Profile
            key={title}
            title={title}
            levels={levels}
            garment={garment}
            width={Math.max(
              180,
              lines.length > 2 ? (box.width - 64) / 3 : (box.width - 56) * (i === 0 ? 0.56 : 0.44),
            )}
            height={Math.max(320, box.height - 36)}
          />
        ))}
    </div>
  );
}

interface ProfileProps {
  title: string;
  levels: readonly BodyLevel[];
  garment: readonly Girth[];
  width: number;
  height: number;
}

const TOP = 62;
const SIDE = 34;

/** One profile, mirrored about its middle: half of each round to either side, so that it looks like what it measures. */
const Profile = memo(function Profile({ title, levels, garment, width, height }: ProfileProps) {
  const units = useUnits();
  const last = Math.max(...levels.map(({ at }) => at), ...garment.map(({ at }) => at));
  const first = Math.min(...levels.map(({ at }) => at), ...garment.map(({ at }) => at), 0);
  const most = Math.max(...levels.map(({ round }) => round), ...garment.map(({ round }) => round));
  const y = scaleLinear([first, last], [TOP, height - 44]);
  const x = scaleLinear([-most / 2, most / 2], [SIDE, width - SIDE]);
  const body = levels.map(({ at, round }) => ({ at, round }));
  const shared = [...new Set([...body.map(({ at }) => at), ...garment.map(({ at }) => at)])]
    .sort((a, b) => a - b)
    .flatMap((at) => {
      const [b, g] = [roundAt(body, at), roundAt(garment, at)];
      return b === null || g === null ? [] : [{ at, body: b, garment: g }];
    });
  const side = (sign: 1 | -1) => ({
    body: line<Girth>()
      .x(({ round }) => x((sign * round) / 2))
      .y(({ at }) => y(at))
      .curve(curveMonotoneY),
    garment: line<Girth>()
      .x(({ round }) => x((sign * round) / 2))
      .y(({ at }) => y(at)),
    ease: area<(typeof shared)[number]>()
      .x0((point) => x((sign * point.body) / 2))
      .x1((point) => x((sign * point.garment) / 2))
      .y(({ at }) => y(at)),
  });
  const said = levels.map(({ id, at, round }) => ({ id, at, round, garment: roundAt(garment, at) }));
  return (
    <figure>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`${title}: ${said
          .map(
            ({ id, round, garment: worn }) =>
              `${measurement(id).label} ${formatLength(round, units)}${worn === null ? '' : `, garment ${formatLength(worn, units)}`}`,
          )
          .join('; ')}`}
      >
        <text x={SIDE} y={16} fontSize={13} fontWeight={600} fill="#20303a">
          {title}
        </text>
        <text x={SIDE} y={32} fontSize={11.5} fill="#52606a">
          {width > 210 ? 'dotted: body, shaded: ease' : 'dotted: body'}
        </text>
        {([1, -1] as const).map((sign) => {
          const draw = side(sign);
          return (
            <g key={sign}>
              <path d={draw.ease(shared) ?? ''} fill="#e4edf3" />
              <path
                d={draw.body(body) ?? ''}
                fill="none"
                stroke="#8a7650"
                strokeWidth={1.6}
                strokeDasharray="2 4"
              />
              <path d={draw.garment([...garment]) ?? ''} fill="none" stroke="#20303a" strokeWidth={1.8} />
            </g>
          );
        })}
        {said.map(({ id, at, round, garment: worn }) => (
          <EaseMark key={id} id={id} y={y(at)} middle={width / 2} round={round} worn={worn} units={units} />
        ))}
      </svg>
    </figure>
  );
});

/** The figures at one level: the body's round, the garment's, and what is between. */
function EaseMark({
  id,
  y,
  middle,
  round,
  worn,
  units,
}: {
  id: BodyLevel['id'];
  y: number;
  middle: number;
  round: number;
  worn: number | null;
  units: Units;
}) {
  const ease = worn === null ? null : worn - round;
  return (
    <g textAnchor="middle" fontSize={12}>
      <text x={middle} y={y - 3} fontWeight={600} fill="#20303a">
        {measurement(id).label.split(' or ')[0]}
      </text>
      <text x={middle} y={y + 12} fill="#52606a">
        {formatLength(round, units)}
        {worn === null ? ', nothing over it' : ` in ${formatLength(worn, units)}`}
      </text>
      {ease !== null && (
        <text x={middle} y={y + 27} fontWeight={600} fill={ease < 0 ? '#a33a3c' : '#2c5f86'}>
          {formatLength(ease, units, { sign: true, unit: true })}
          {ease < 0 ? ' (stretched)' : ''}
        </text>
      )}
    </g>
  );
}
