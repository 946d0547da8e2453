import {
  isTable,
  sizesInHouse,
  whole,
  type Line,
  type LinePart,
  type PatternText,
  type SectionDrawing,
  type Table,
} from '@upfell/core';
import { leadOf } from './lead';

/** The look of what belongs to the chosen size. */
const LIT = 'rounded-sm bg-agreed-wash px-0.5 font-semibold text-agreed';

interface LineProps {
  line: Line;
  text: Pick<PatternText, 'sizes' | 'style'>;
  /** The chosen size, which is lit. */
  lit: number;
}

/** A line with the figures of the chosen size lit; its tables stand below it. */
export function PatternLine({
  line,
  text,
  lit,
  drawing,
}: LineProps & { drawing: SectionDrawing | undefined }) {
  const tables = line.filter(isTable);
  const words = whole(line)
    .filter((part): part is Exclude<LinePart, Table> => !isTable(part))
    .map((part, i) => {
      const [lead, rest] = i === 0 && typeof part === 'string' ? leadOf(part) : ['', ''];
      return lead ? (
        <span key={i}>
          <strong>{lead}</strong>
          {rest}
        </span>
      ) : (
        <Part key={i} part={part} text={text} lit={lit} />
      );
    });
  return (
    <>
      {drawing ? (
        <div className="mb-1 flex items-center gap-3">
          {/* The core makes the drawing and escapes every name in it. */}
          <span
            className={`on-white flex shrink-0 justify-center ${drawing.isSymbol ? 'w-8' : 'w-40'}`}
            dangerouslySetInnerHTML={{ __html: drawing.svg }}
          />
          <p>{words}</p>
        </div>
      ) : (
        <p className="mb-0.5">{words}</p>
      )}
      {tables.map((table) => (
        <SizesTable key={table.head} table={table} labels={text.sizes} lit={lit} />
      ))}
    </>
  );
}

function Part({ part, text: { style }, lit }: { part: Exclude<LinePart, Table> } & Omit<LineProps, 'line'>) {
  if (typeof part === 'string') return part;
  const show = (value: string, at: number) => (
    <span key={at} className={at === lit ? LIT : ''}>
      {value}
    </span>
  );
  // The signs between the figures are those of the house.
  return sizesInHouse(
    part.each.map((_, at) => `\u0000${at}\u0000`),
    style,
  )
    .split('\u0000')
    .map((sign, i) => (i % 2 === 0 ? sign : show(part.each[Number(sign)]!, Number(sign))));
}

/** A table with sizes across, the chosen one's column lit. */
function SizesTable({
  table: { head, rows },
  labels,
  lit,
}: {
  table: Table;
  labels: readonly string[];
  lit: number;
}) {
  return (
    <div className="my-1.5 overflow-x-auto">
      <table className="border-collapse text-[13.5px] tabular-nums break-inside-avoid">
        <thead>
          <tr className="border-b border-line text-soft">
            <th scope="col" className="py-0.5 pr-4 text-left font-normal">
              {head}
            </th>
            {labels.map((label, i) => (
              <th
                key={label}
                scope="col"
                className={`px-2.5 py-0.5 text-right font-normal ${i === lit ? LIT : ''}`}
              >
                {label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, each }) => (
            <tr key={label} className="border-b border-line">
              <th scope="row" className="py-0.5 pr-4 text-left font-normal">
                {label}
              </th>
              {each.map((figure, i) => (
                <td key={i} className={`px-2.5 py-0.5 text-right ${i === lit ? LIT : ''}`}>
                  {figure}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
