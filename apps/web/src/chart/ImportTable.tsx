import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import {
  matchColumns,
  measurement,
  MEASUREMENTS,
  readTable,
  sizesDown,
  type ChartSize,
  type ColumnMeaning,
  type TableProblem,
  type Units,
} from '@upfell/core';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { Switch } from '../ui/Switch';
import { csvRows } from './csv';

/** Largest file that is read, in characters: ten thousand rows are called too many, not refused unread. */
const LONGEST = 8_000_000;
/** Columns and rows shown of the file. */
const SHOWN_ROWS = 5;

interface FileTable {
  name: string;
  rows: string[][];
  meanings: ColumnMeaning[];
  /** The unit in the headings, where they name one. */
  named: Units | null;
}

interface Props {
  title: string;
  /** What the button that takes the sizes says. */
  take: string;
  onClose: () => void;
  onTake: (sizes: ChartSize[], file: string) => void;
}

/** Brings a table of sizes in from a CSV file: the file, what its columns hold, and what is wrong by row and column. */
export function ImportTable({ title, take, onClose, onTake }: Props) {
  const [file, setFile] = useState<FileTable | null>(null);
  const [units, setUnits] = useState<Units>('cm');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly TableProblem[]>([]);

  const open = async (files: readonly File[]) => {
    const [first] = files;
    if (!first) return;
    setProblems([]);
    setFile(null);
    if (first.size > LONGEST)
      return setTrouble(
        `The file is ${Math.round(first.size / 1e6)} MB big; a table of sizes has at most 8 MB.`,
      );
    const rows = sizesDown(csvRows(await first.text()));
    const width = Math.max(0, ...rows.map(({ length }) => length));
    if (rows.length < 2 || width < 2)
      return setTrouble(
        'No table was found in the file: a first row with names of measurements and one row for each size belong there, separated by commas, semicolons or tabs.',
      );
    const { meanings, units: named } = matchColumns(rows[0]!);
    if (!meanings.includes('size') && meanings[0] === null) meanings[0] = 'size';
    const unit = named.find((one) => one !== null) ?? null;
    if (unit) setUnits(unit);
    setTrouble(null);
    setFile({ name: first.name, rows, meanings, named: unit });
  };
  const dropzone = useDropzone({
    onDrop: (files) => void open(files),
    multiple: false,
    noClick: true,
  });
  const accept = () => {
    const read = readTable(file!.rows, file!.meanings, units);
    if (!read.ok) return setProblems(read.problems);
    onTake(read.sizes, file!.name);
    onClose();
  };
  const mean = (column: number, value: string) => {
    const meaning = (value === '' ? null : value) as ColumnMeaning;
    setProblems([]);
    setFile(
      (now) =>
        now && {
          ...now,
          meanings: now.meanings.map((old, i) =>
            i === column ? meaning : meaning !== null && old === meaning ? null : old,
          ),
        },
    );
  };
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title={title}
      description="A CSV file with one size in each row or column."
    >
      <div {...dropzone.getRootProps()} className="rounded border border-dashed border-line p-4">
        <input {...dropzone.getInputProps({ 'aria-label': 'CSV file' })} data-testid="csv" />
        <Button onClick={dropzone.open}>Choose a file</Button>{' '}
        <span className="text-soft">{file ? file.name : 'or drop it here'}</span>
      </div>
      {trouble && (
        <p role="alert" className="mt-2 text-broken">
          {trouble}
        </p>
      )}
      {file && (
        <>
          <div className="mt-3 flex items-center gap-3">
            <span>Bare figures are in</span>
            <Switch
              label="Unit of bare figures"
              value={units}
              options={[
                { value: 'cm', label: 'cm' },
                { value: 'in', label: 'in' },
              ]}
              onChange={setUnits}
            />
            <span className="text-[12.5px] text-soft">
              {file.named ? `as the headings say` : 'the headings name no unit'}; a unit in a cell holds for
              that cell
            </span>
          </div>
          <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label="The file's columns">
            <table className="text-[12.5px]">
              <thead>
                <tr>
                  {file.meanings.map((meaning, i) => (
                    <th key={i} className="border border-line p-1 text-left align-bottom font-normal">
                      <span className="block font-semibold">{file.rows[0]![i] || `column ${i + 1}`}</span>
                      <select
                        aria-label={`Column ${i + 1} holds`}
                        className={`w-32 rounded border bg-sheet ${meaning === null ? 'border-eased-stroke text-soft' : 'border-line'}`}
                        value={meaning ?? ''}
                        onChange={(event) => mean(i, event.target.value)}
                      >
                        <option value="">leave out</option>
                        <option value="size">Size’s name</option>
                        <option value="group">Group</option>
                        {MEASUREMENTS.map(({ id }) => (
                          <option key={id} value={id}>
                            {measurement(id).label}
                          </option>
                        ))}
                      </select>
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {file.rows.slice(1, 1 + SHOWN_ROWS).map((row, r) => (
                  <tr key={r}>
                    {file.meanings.map((_, c) => (
                      <td key={c} className="border border-line p-1">
                        {row[c]}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          {file.rows.length - 1 > SHOWN_ROWS && (
            <p className="text-[12.5px] text-soft">and {file.rows.length - 1 - SHOWN_ROWS} more rows</p>
          )}
          {problems.length > 0 && (
            <div role="alert" className="mt-3 text-broken" data-testid="table-problems">
              <p className="font-semibold">Nothing was taken. Put these right and read the file again:</p>
              <ul className="list-disc pl-5 text-[13px]">
                {problems.slice(0, 12).map(({ row, column, message }) => (
                  <li key={`${row} ${column} ${message}`}>
                    row {row}
                    {column > 0 && `, column ${column}`}: {message}
                  </li>
                ))}
                {problems.length > 12 && <li>and {problems.length - 12} more</li>}
              </ul>
            </div>
          )}
          <div className="mt-4">
            <Button look="strong" onClick={accept}>
              {take}
            </Button>
          </div>
        </>
      )}
    </Modal>
  );
}
