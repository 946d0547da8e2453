import { useDocument, useSizePlan, useOld } from '../design/useSizePlan';
import { RowStrip } from './RowStrip';
import { shapeSentence, shapesOf } from './SleeveStrip';

/** Every piece as rows: what is worked even, and each shaping as a strip with its sentence. */
export function RowsView() {
  const planned = useSizePlan();
  const old = useOld();
  const { fabrics } = useDocument();
  if (!planned) return <p className="p-8 text-soft">Working the rows …</p>;
  return (
    <div
      className={`min-h-0 grow space-y-6 overflow-y-auto p-6 ${old ? 'opacity-55' : ''}`}
      tabIndex={0}
      role="region"
      aria-label="Rows"
    >
      {planned.size.pieces.map((piece) => (
        <section key={piece.id} aria-label={piece.label}>
          <h2 className="text-lg">
            {piece.label}
            {piece.copies > 1 && (
              <span className="ml-2 text-[13px] font-normal text-soft">make {piece.copies}</span>
            )}
          </h2>
          <ol className="mt-1 space-y-1">
            {piece.passages.map((passage, i) => {
              if (passage.kind === 'shape') {
                const shape = shapesOf(piece).find((one) => one.passage === passage)!;
                return (
                  <li key={i}>
                    <p>
                      {piece.passages.some(({ kind }) => kind === 'go on') &&
                        `${passage.part === 'right-shoulder' ? 'First' : 'Second'} shoulder. `}
                      {shapeSentence(passage)}
                    </p>
                    <div className="my-1">
                      <RowStrip
                        passage={passage}
                        first={shape.first}
                        label={shapeSentence(passage)}
                        height={46}
                      />
                    </div>
                  </li>
                );
              }
              const words =
                passage.kind === 'start'
                  ? passage.along
                    ? `Pick up ${passage.stitches} stitches along ${passage.along}`
                    : `Chain ${passage.stitches + passage.extra}, row 1 has ${passage.stitches} stitches`
                  : passage.kind === 'even'
                    ? `Work even to row ${passage.to}`
                    : passage.kind === 'change'
                      ? `Row ${passage.to}: change to ${fabrics.find(({ id }) => id === passage.fabric)?.name ?? passage.fabric}, ${passage.stitches} stitches`
                      : passage.kind === 'mark'
                        ? `Mark both ends: ${passage.meaning}`
                        : `${passage.label}: go on over ${passage.take} stitches${passage.rejoin ? ' with the yarn rejoined' : ''}`;
              return <li key={i}>{words}</li>;
            })}
          </ol>
        </section>
      ))}
    </div>
  );
}
