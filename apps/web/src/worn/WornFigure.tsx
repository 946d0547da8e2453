import { memo } from 'react';
import { figurePaths, wornPath, type Figure, type Worn } from '@upfell/core';

/** A figure's own outline, in cm. */
export const FigureOutline = memo(function FigureOutline({ figure }: { figure: Figure }) {
  const { torso, arms, head } = figurePaths(figure);
  return (
    <g className="worn-figure" vectorEffect="non-scaling-stroke">
      {[...arms, torso].map((d) => (
        <path key={d} d={d} vectorEffect="non-scaling-stroke" />
      ))}
      <ellipse cy={head.y} rx={head.rx} ry={head.ry} vectorEffect="non-scaling-stroke" />
    </g>
  );
});

/** A garment on its figure from one side, in cm; its parts have the look of `theme.css`. */
export const WornFigure = memo(function WornFigure({ worn, view }: { worn: Worn; view: 'front' | 'back' }) {
  return (
    <>
      <FigureOutline figure={worn.figure} />
      {worn[view].map((shape, i) => (
        <path
          key={i}
          d={wornPath(shape)}
          className={`worn-${shape.what}`}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </>
  );
});

/** The outlines of another garment laid over it, neck point on neck point. */
export const OtherOutline = memo(function OtherOutline({
  worn,
  other,
  view,
}: {
  worn: Worn;
  other: Worn;
  view: 'front' | 'back';
}) {
  const down = worn.figure.frame.neck[1] - other.figure.frame.neck[1];
  return (
    <g transform={`translate(0 ${down})`} data-testid="worn-other">
      {other[view]
        .filter(({ what }) => ['body', 'sleeve', 'rib', 'strap', 'hood'].includes(what))
        .map((shape, i) => (
          <path key={i} d={wornPath(shape)} className="worn-other" vectorEffect="non-scaling-stroke" />
        ))}
    </g>
  );
});
