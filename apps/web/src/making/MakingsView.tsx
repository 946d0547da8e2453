import { FolderOpen, Trash2 } from 'lucide-react';
import { useCallback, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { LONGEST_MAKING, readMakingText, type FieldProblem, type MakingEntry } from '@upfell/core';
import { makings } from '../api/makings';
import { ListTrouble } from '../library/Entry';
import { useList } from '../library/useList';
import { useDesign } from '../state/designStore';
import { useSaving } from '../state/saving';
import { useChosenSize, useUnits } from '../state/useSizePlan';
import { setSize } from '../state/view';
import { Button } from '../ui/Button';
import { NameDialog } from '../ui/NameDialog';
import { UnfitFile, type Unfit } from '../ui/UnfitFile';
import { CameBackTable } from './CameBackTable';
import { keptMakings } from './log/kept';
import { makingInWords } from './makingInWords';
import { useTold } from './useTold';

/** The makings of a design: begun from here, brought in from files, and what they tell, size by size. */
export function MakingsView() {
  const id = useDesign((state) => state.id)!;
  const document = useDesign((state) => state.document)!;
  const revision = useSaving((state) => state.revision);
  const saved = useSaving(({ state }) => state.kind === 'saved');
  const units = useUnits();
  const { size } = useChosenSize();
  const list = useCallback(() => makings.list(id), [id]);
  const { entries, trouble, load, act } = useList(list);
  const [naming, setNaming] = useState(false);
  const [unfit, setUnfit] = useState<Unfit | null>(null);
  const navigate = useNavigate();
  const file = useRef<HTMLInputElement>(null);
  const told = useTold(entries);

  const takeIn = async (files: readonly File[]) => {
    for (const one of files) {
      if (one.size > LONGEST_MAKING) {
        setUnfit({
          file: one.name,
          problems: [
            { path: '', message: `The file is too big; a making has at most ${LONGEST_MAKING / 1e6} MB.` },
          ],
        });
        continue;
      }
      const read = readMakingText(await one.text());
      if (!read.ok) {
        setUnfit({ file: one.name, problems: read.problems });
        continue;
      }
      try {
        const made = await makings.takeIn(id, read.making);
        toast(`“${made.name}” is here.`);
      } catch (error) {
        const { fields = [], message } = error as Error & { fields?: readonly FieldProblem[] };
        setUnfit({ file: one.name, problems: fields.length > 0 ? fields : [{ path: '', message }] });
      }
    }
    load();
  };
  const putAway = (entry: MakingEntry) =>
    act(async () => {
      await makings.remove(entry.id);
      await (await keptMakings()).forget(entry.id);
      toast(`“${entry.name}” is put away.`, {
        duration: 12_000,
        action: { label: 'Undo', onClick: () => void act(() => makings.takeBack(entry.id)) },
      });
    });
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-6 lg:px-8" data-testid="makings">
      <div className="mb-4 flex items-center justify-between gap-3 lg:hidden">
        <Link
          to="/"
          className="font-display min-w-0 truncate text-lg font-semibold"
          aria-label={`${document.name}, to the shelf`}
        >
          {document.name}
        </Link>
        <label className="flex items-center gap-2 text-[13px] text-soft">
          Size
          <select
            className="min-h-[40px] rounded border border-line bg-sheet px-2 text-[15px] text-ink"
            value={size.id}
            onChange={(event) => setSize(event.target.value)}
          >
            {document.sizes.map(({ id: of, label }) => (
              <option key={of} value={of}>
                {label}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-2xl">Makings</h2>
        <span className="flex gap-2">
          <input
            ref={file}
            type="file"
            accept=".json"
            multiple
            className="sr-only"
            aria-label="Making file"
            onChange={(event) => {
              void takeIn([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
          <Button onClick={() => file.current?.click()}>
            <FolderOpen size={15} aria-hidden /> Bring in a making
          </Button>
          <Button look="strong" disabled={!saved} onClick={() => setNaming(true)}>
            Make this in {size.label}
          </Button>
        </span>
      </div>
      <p className="mt-1 max-w-prose text-soft">
        A making is one size of this design as it is saved now (state {revision}), with a log of every row.
        Changing the design later does not move it.
      </p>
      <ListTrouble trouble={trouble} load={load} />
      {entries?.length === 0 && (
        <p className="mt-6 border-y border-dashed border-line py-10 text-center text-soft">
          Nothing of this design is being made yet. Choose a size above and begin, or bring in what a tester
          has sent (*.making.json).
        </p>
      )}
      {entries && entries.length > 0 && (
        <ul className="mt-4 border-t border-line">
          {entries.map((entry) => (
            <li key={entry.id} className="flex items-center gap-4 border-b border-line py-2.5">
              <Link to={`/makings/${entry.id}`} className="min-w-0 grow px-2 hover:bg-tape/50">
                <span className="font-display block truncate text-[17px] font-semibold">{entry.name}</span>
                <span className="text-[13px] text-soft">{makingInWords(entry)}</span>
              </Link>
              <Button look="quiet" aria-label={`Put ${entry.name} away`} onClick={() => void putAway(entry)}>
                <Trash2 size={15} aria-hidden />
              </Button>
            </li>
          ))}
        </ul>
      )}
      {told.length > 0 && <CameBackTable design={id} told={told} units={units} fabrics={document.fabrics} />}
      {naming && (
        <NameDialog
          title={`Make “${document.name}” in ${size.label}`}
          name={`${document.name}, ${size.label}`}
          action="Begin"
          onClose={() => setNaming(false)}
          onName={async (name) => {
            const made = await makings.begin({
              id: crypto.randomUUID(),
              name,
              designId: id,
              revision,
              size: size.id,
            });
            await (await keptMakings()).keep(made);
            await navigate(`/makings/${made.id}`);
          }}
        />
      )}
      <UnfitFile
        unfit={unfit}
        cannot="be taken in"
        description="Nothing was changed."
        testid="unfit-making"
        onClose={() => setUnfit(null)}
      />
    </div>
  );
}
