import { Slider } from 'radix-ui';
import { scaleLinear } from 'd3';
import type { Draft } from 'immer';
import { completeBody, formatLength, tidy, type Design, type Ease, type PerSize } from '@upfell/core';
import { useChosenSize, useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { withFigure } from '../state/style';
import { EASE_CLASSES, EASE_SCALE, easeInWords } from './easeClasses';

interface Props {
  /** The ease, cm. */
  cm: number;
  onChange: (cm: number) => void;
}

const percent = scaleLinear([EASE_SCALE.from, EASE_SCALE.to], [0, 100]);

/** An ease of the garment on the scale, over the chosen size's bust; moving it makes a share a length. */
export function BodyEaseScale({
  over,
  path,
  value,
  put,
}: {
  /** The ease over a bust, cm. */
  over: (bust: number) => number;
  path: string;
  value: PerSize<Ease>;
  put: (document: Draft<Design>, value: PerSize<Ease>) => void;
}) {
  const { size } = useChosenSize();
  const { body } = completeBody(size.body, size.group)!;
  return (
    <EaseScale
      cm={over(body.bust)}
      onChange={(cm) => edit(path, (document) => put(document, withFigure(value, size.id, cm)))}
    />
  );
}

/** The named classes of ease as a scale whose mark can be dragged (or moved with the arrow keys). */
function EaseScale({ cm, onChange }: Props) {
  const units = useUnits();
  return (
    <div className="mt-1 mb-3">
      <p className="text-[12.5px] text-soft" data-testid="ease-class">
        {formatLength(cm, units, { sign: true, unit: true })}: {easeInWords(cm)}
      </p>
      <div className="relative mt-1 h-[46px]">
        {EASE_CLASSES.map(({ name, from, to }, i) => (
          <span
            key={name}
            className="absolute top-[18px] h-[7px] border-x border-paper"
            style={{
              left: `${percent(from)}%`,
              width: `${percent(to) - percent(from)}%`,
              background: `var(--color-ease-${i + 1})`,
            }}
          >
            <span
              className={`absolute left-0 text-[10.5px] leading-none whitespace-nowrap text-soft ${i % 2 === 0 ? 'top-[12px]' : '-top-[13px]'}`}
            >
              {name}
            </span>
          </span>
        ))}
        <span
          className="absolute top-[12px] h-[18px] border-l border-ink/50"
          style={{ left: `${percent(0)}%` }}
          title="the body itself"
        />
        <Slider.Root
          className="absolute top-[11px] flex h-5 w-full touch-none items-center"
          min={EASE_SCALE.from}
          max={EASE_SCALE.to}
          step={0.5}
          value={[Math.max(EASE_SCALE.from, Math.min(EASE_SCALE.to, cm))]}
          onValueChange={([next]) => next !== undefined && onChange(tidy(next))}
        >
          <Slider.Track className="relative h-px grow">
            <Slider.Range className="absolute" />
          </Slider.Track>
          <Slider.Thumb
            aria-label="Ease on the scale of classes"
            className="block h-5 w-2.5 cursor-grab rounded-sm border border-ink bg-ink active:cursor-grabbing"
          />
        </Slider.Root>
      </div>
    </div>
  );
}
