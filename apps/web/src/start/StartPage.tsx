import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { CONSTRUCTIONS, constructionOf, fieldAt, type Design, type ShelfEntry } from '@upfell/core';
import { designs } from '../api/designs';
import { ShelfBar } from '../library/ShelfBar';
import { useList } from '../library/useList';
import { seeShape, setGuide } from '../state/view';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';
import { Picture } from '../worn/Picture';
import { LengthInput } from './LengthInput';
import { SITS, sitsInWords } from './sits';
import { askedOf, designOf, usualName, type Wish } from './wish';
import { WhatFabric } from './WhatFabric';
import { Whom } from './Whom';

const FIRST: Wish = {
  name: '',
  from: null,
  construction: 'drop-shoulder',
  fields: {},
  whom: { kind: 'as it is' },
  what: { kind: 'as it is' },
  sits: null,
};

/** Begins a design: what, for whom, in what and how it sits. Everything has a usual answer, and can be changed later. */
export function StartPage() {
  const [search] = useSearchParams();
  const guided = search.has('guided');
  const [wish, setWish] = useState<Wish>(
    guided ? { ...FIRST, construction: 'raglan', name: 'My first raglan' } : FIRST,
  );
  const put = (change: Partial<Wish>) => setWish((now) => ({ ...now, ...change }));
  const [working, setWorking] = useState(false);
  const navigate = useNavigate();
  const { entries } = useList(designs.shelf);
  useEffect(() => {
    document.title = 'Begin a design · Upfell';
  }, []);
  useEffect(() => {
    if (guided) setGuide(0);
  }, [guided]);
  const fromId = search.get('from');
  useEffect(() => {
    if (fromId) void takeFrom(fromId, put);
  }, [fromId]);
  const design = useMemo(() => designOf(wish), [wish]);
  const shown = useDeferredValue(design);
  const begin = async () => {
    setWorking(true);
    try {
      const made = await designs.create(design);
      // The first that is seen of it is the garment as it is worn.
      seeShape('worn');
      await navigate(`/designs/${made.id}/shape`);
    } catch (error) {
      toast.error((error as Error).message);
      setWorking(false);
    }
  };
  const { label, gives } = constructionOf(wish.construction)!;
  const hasEase = fieldAt(constructionOf(wish.construction)!.fields, 'ease') !== undefined;
  return (
    <div className="flex h-full flex-col">
      <ShelfBar />
      <form
        className="flex min-h-0 grow max-md:flex-col max-md:overflow-y-auto"
        onSubmit={(event) => {
          event.preventDefault();
          void begin();
        }}
      >
        <main className="min-w-0 grow px-6 py-5 md:overflow-y-auto">
          <h1 className="text-2xl">Begin a design</h1>
          <p className="mb-4 text-soft">
            Every part has a usual answer: change what you know already, begin, and change the rest later.
          </p>
          <Part title="What" says={label}>
            <From
              entries={entries}
              wish={wish}
              onTake={(id) => void takeFrom(id, put)}
              onNone={() => put({ from: null })}
            />
            <Constructions
              chosen={wish.construction}
              onChoose={(construction) => put({ construction, fields: {} })}
            />
            <div className="mt-3 flex flex-wrap gap-x-6 gap-y-2">
              {askedOf(wish.construction).map(({ path, label: asked, options }) => (
                <label key={path} className="flex items-center gap-2">
                  {asked}
                  <select
                    className="rounded border border-line bg-sheet px-1.5 py-1"
                    value={wish.fields[path] ?? ''}
                    onChange={({ target }) => {
                      const { [path]: _, ...others } = wish.fields;
                      put({ fields: target.value ? { ...others, [path]: target.value } : others });
                    }}
                  >
                    <option value="">{wish.from ? 'as it is' : 'usual'}</option>
                    {options.map((option) => (
                      <option key={option.value} value={option.value}>
                        {option.label}
                      </option>
                    ))}
                  </select>
                </label>
              ))}
            </div>
          </Part>
          <Part title="For whom" says={design.sizes.map((size) => size.label).join(', ')}>
            <Whom whom={wish.whom} hasFrom={wish.from !== null} onChange={(whom) => put({ whom })} />
          </Part>
          <Part title="In what" says={design.fabrics[0]!.name}>
            <WhatFabric what={wish.what} hasFrom={wish.from !== null} onChange={(what) => put({ what })} />
          </Part>
          {hasEase && (
            <Part title="How it sits" says={sitsInWords(wish, design)}>
              <Switch
                label="How it sits"
                value={wish.sits ?? 'usual'}
                options={[{ value: 'usual', label: wish.from ? 'as it is' : 'usual' }, ...SITS]}
                onChange={(sits) => put({ sits: sits === 'usual' ? null : sits, ease: undefined })}
              />{' '}
              <span className="ml-2 inline-flex">
                <LengthInput label="or by" cm={wish.ease} onChange={(ease) => put({ ease })} />
              </span>
            </Part>
          )}
        </main>
        <aside
          aria-label="What it comes to"
          className="flex w-[340px] shrink-0 flex-col border-l border-line bg-sheet p-5 max-md:w-full max-md:border-t max-md:border-l-0"
        >
          <Picture
            document={shown}
            views={['front', 'back']}
            alt={`${label}, front and back on the body`}
            className="min-h-56 w-full grow"
          />
          <p className="my-3 text-[13px] text-soft">
            {gives.charAt(0).toUpperCase() + gives.slice(1)}. Drawn in the middle size,{' '}
            {design.sizes[Math.floor((design.sizes.length - 1) / 2)]!.label}.
          </p>
          <label className="mb-3 grid gap-1">
            Name
            <input
              className="rounded border border-line bg-paper px-2 py-1"
              value={wish.name}
              maxLength={200}
              placeholder={usualName(wish.construction)}
              onChange={({ target }) => put({ name: target.value })}
            />
          </label>
          <Button look="strong" type="submit" disabled={working} className="justify-center py-2 text-[15px]">
            {working ? 'Laying the pieces out …' : 'Begin'}
          </Button>
        </aside>
      </form>
    </div>
  );
}

async function takeFrom(id: string, put: (change: Partial<Wish>) => void): Promise<void> {
  try {
    const { document } = await designs.read(id);
    put({
      from: document,
      construction: document.garment.construction,
      fields: {},
      name: `${document.name}, another`.slice(0, 200),
      whom: { kind: 'as it is' },
      what: { kind: 'as it is' },
      sits: null,
    });
  } catch (error) {
    toast.error((error as Error).message);
  }
}

/** One question, with what its answer is for now. */
function Part({ title, says, children }: { title: string; says: string; children: React.ReactNode }) {
  return (
    <fieldset className="mb-5 border-t border-line pt-3">
      <legend className="float-left mb-2 w-full">
        <span className="font-display text-lg font-semibold">{title}</span>{' '}
        <span className="ml-2 text-soft">{says}</span>
      </legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  );
}

/** A design to begin from, if wanted. */
function From({
  entries,
  wish,
  onTake,
  onNone,
}: {
  entries: readonly ShelfEntry[] | null;
  wish: Wish;
  onTake: (id: string) => void;
  onNone: () => void;
}) {
  if (!entries || entries.length === 0) return null;
  return (
    <label className="mb-3 flex flex-wrap items-center gap-2">
      Begin from
      <select
        className="max-w-72 rounded border border-line bg-sheet px-1.5 py-1"
        value={wish.from ? (entries.find(({ name }) => name === wish.from!.name)?.id ?? '') : ''}
        data-testid="begin-from"
        onChange={({ target }) => (target.value ? onTake(target.value) : onNone())}
      >
        <option value="">nothing but this page</option>
        {entries.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Drawings of all constructions on one figure, made once. */
const sampleOf = (() => {
  const known = new Map<string, Design>();
  return (construction: string) => {
    const sample = known.get(construction) ?? designOf({ ...FIRST, construction, name: 'Sample' });
    known.set(construction, sample);
    return sample;
  };
})();

/** All constructions as they are worn. */
function Constructions({ chosen, onChoose }: { chosen: string; onChoose: (id: string) => void }) {
  return (
    <div
      role="radiogroup"
      aria-label="Construction"
      className="grid grid-cols-[repeat(auto-fill,minmax(112px,1fr))] gap-2"
    >
      {CONSTRUCTIONS.map(({ id, label }) => (
        <label
          key={id}
          className={`flex cursor-pointer flex-col items-center rounded border bg-sheet p-1.5 text-center has-focus-visible:outline-2 has-focus-visible:outline-agreed ${id === chosen ? 'border-2 border-ink' : 'border-line hover:bg-tape'}`}
        >
          <input
            type="radio"
            name="construction"
            className="sr-only"
            value={id}
            checked={id === chosen}
            onChange={() => onChoose(id)}
          />
          <Picture document={sampleOf(id)} alt="" className="h-[88px] w-full" />
          <span className="mt-1 text-[12.5px] leading-tight">{label}</span>
        </label>
      ))}
    </div>
  );
}
