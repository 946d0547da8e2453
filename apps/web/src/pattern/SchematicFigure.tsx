import { useEffect, useState } from 'react';
import { lengthsRow, type Units } from '@upfell/core';
import { askSchematic } from '../state/planner';
import type { ScreenPlan } from '../worker/screen';
import type { Schematic } from './documents';

interface Props {
  /** One size with its lengths; all sizes with letters without it. */
  size: string | null;
  units: Units;
  plan: ScreenPlan | null;
}

/** The pieces to scale: one size with its lengths, or the middle size with letters and a table of all. */
export function SchematicFigure({ size, units, plan }: Props) {
  const [schematic, setSchematic] = useState<Schematic | null>(null);
  useEffect(() => {
    let stale = false;
    void askSchematic({ size, units, terms: 'us', width: 740 }).then(
      (drawn) => !stale && setSchematic(drawn),
    );
    return () => {
      stale = true;
    };
  }, [size, units, plan]);
  if (!schematic) return <p className="text-soft">Drawing the pieces …</p>;
  return (
    <figure className="mb-5" data-testid="schematic">
      <h3 className="mb-1 text-lg">Schematic</h3>
      {/* The core makes the drawing and escapes every name in it. */}
      <div
        role="img"
        aria-label="The pieces to scale"
        className="on-white"
        dangerouslySetInnerHTML={{ __html: schematic.svg }}
      />
      {schematic.letters.length > 0 && (
        <table className="mt-2 w-full text-[13px]">
          <thead className="text-soft">
            <tr>
              <th className="text-left font-normal" colSpan={2}>
                in {units}
              </th>
              {schematic.sizes.map((label) => (
                <th key={label} className="text-right font-normal">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {schematic.letters.map((row) => (
              <tr key={row.letter} className="border-t border-line/60">
                <td className="w-7 font-semibold">{row.letter}</td>
                <td>
                  {row.piece}: {row.label}
                </td>
                {lengthsRow(row.lengths, units).map((length, i) => (
                  <td key={i} className="text-right">
                    {length}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <details className="mt-3">
        <summary className="text-[13px] font-semibold">Rows and stitches as strips</summary>
        <div
          role="img"
          aria-label="The pieces as strips of rows"
          className="on-white mt-1"
          dangerouslySetInnerHTML={{ __html: schematic.strips }}
        />
      </details>
    </figure>
  );
}
