import { STITCH_PATTERNS, USUAL_YARNS } from '@upfell/core';
import { fabrics as library } from '../api/library';
import { forDesign } from '../fabric/ofLibrary';
import { useList } from '../library/useList';
import { Switch } from '../ui/Switch';
import type { What } from './wish';

interface Props {
  what: What;
  hasFrom: boolean;
  onChange: (what: What) => void;
}

/** In what: a fabric of the library, a stitch pattern with its usual gauge, or a plain one to be swatched later. */
export function WhatFabric({ what, hasFrom, onChange }: Props) {
  const { entries } = useList(library.list);
  const own = (entries ?? []).map((entry) => ({ id: entry.id, fabric: forDesign(entry, 'body') }));
  const usual = STITCH_PATTERNS.map(({ fabric }) => ({ id: `usual-${fabric.id}`, fabric }));
  const all = [...own, ...usual];
  const take = (id: string) => {
    const found = all.find((one) => one.id === id);
    if (found) onChange({ kind: 'fabric', ...found });
  };
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
      <Switch
        label="In what"
        value={what.kind}
        options={[
          { value: 'as it is', label: hasFrom ? 'as it is' : 'half double crochet, 16 in 10 cm' },
          { value: 'fabric', label: 'a fabric' },
          { value: 'later', label: 'I will swatch later' },
        ]}
        onChange={(kind) => {
          if (kind === 'fabric') take(all[0]!.id);
          else if (kind === 'later') onChange({ kind: 'later', yarn: 'light' });
          else onChange({ kind: 'as it is' });
        }}
      />
      {what.kind === 'fabric' && (
        <>
          <select
            aria-label="Fabric"
            className="max-w-80 rounded border border-line bg-sheet px-1.5 py-1"
            value={what.id}
            onChange={({ target }) => take(target.value)}
          >
            {own.length > 0 && (
              <optgroup label="Your library">
                {own.map(({ id, fabric }) => (
                  <option key={id} value={id}>
                    {fabric.name}
                  </option>
                ))}
              </optgroup>
            )}
            <optgroup label="Common stitch patterns, with a usual gauge">
              {usual.map(({ id, fabric }) => (
                <option key={id} value={id}>
                  {fabric.name}
                </option>
              ))}
            </optgroup>
          </select>
          <span className="text-[13px] text-soft">
            {what.fabric.gauge.stitches} sts and {what.fabric.gauge.rows} rows in{' '}
            {what.fabric.gauge.stitchesOver} cm
            {what.fabric.estimated && ', not swatched yet'}
          </span>
        </>
      )}
      {what.kind === 'later' && (
        <>
          <label className="flex items-center gap-2">
            Yarn
            <select
              className="rounded border border-line bg-sheet px-1.5 py-1"
              value={what.yarn}
              onChange={({ target }) => onChange({ kind: 'later', yarn: target.value })}
            >
              {USUAL_YARNS.map(({ id, label }) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </select>
          </label>
          <span className="text-[13px] text-soft">
            A usual gauge, to be counted on your swatch before the yarn is bought.
          </span>
        </>
      )}
    </div>
  );
}
