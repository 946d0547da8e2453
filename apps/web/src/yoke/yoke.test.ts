import { newDesign, plan, rowsOf, type Design } from '@upfell/core';
import { changeConstruction } from '../state/changeConstruction';
import { openDocument, undo, useDesign } from '../state/designStore';
import { takeFix } from '../state/fixes';
import { forScreen } from '../worker/screen';
import { flatYoke } from './fromAbove';
import { yokeRows } from './yokeRows';

const sized = (garment: object) => {
  const base = newDesign('Test');
  const design: Design = { ...base, garment: garment as Design['garment'] };
  const planned = plan(design);
  const size = planned.sizes[1]!;
  return { size, screen: forScreen(size), rows: rowsOf(size.pieces.find(({ id }) => id === 'yoke')!.runs) };
};

describe('yokeRows', () => {
  it.each([
    ['a raglan in the round', { construction: 'raglan' }],
    ['a cardigan', { construction: 'raglan', front: { style: 'gap', width: 4 } }],
    ['a neck raised by short rows', { construction: 'raglan', neck: { shape: 'short rows', drop: 4 } }],
    ['a round neck that closes', { construction: 'raglan', neck: { shape: 'round', drop: 6 } }],
    ['a round yoke', { construction: 'round-yoke' }],
    [
      'a round yoke raised by short rows',
      { construction: 'round-yoke', neck: { shape: 'short rows', drop: 4 } },
    ],
  ])('has the stitches that the hook has worked, row by row, in %s', (_, garment) => {
    const { size, rows } = sized(garment);
    const piece = size.pieces.find(({ id }) => id === 'yoke')!;
    const found = yokeRows(piece);
    for (const { n, total } of found) expect(rows.find((row) => row.n === n)!.count).toBe(total);
    expect(found).toHaveLength(size.quantities.find(({ id }) => id === 'yoke.rows')!.count);
    const last = found.at(-1)!;
    const edge = (id: string) => piece.edges.find((one) => one.id === `yoke.${id}`)!.count;
    expect(Math.abs(last.stitches['sleeve-left'] - edge('sleeve-left'))).toBeLessThanOrEqual(2);
    expect(last.missing).toBe(0);
  });

  it('is empty for another piece', () => {
    expect(yokeRows(undefined)).toEqual([]);
  });
});

describe('flatYoke', () => {
  it('lays each part out to scale, its edge as wide as its stitches', () => {
    const { screen } = sized({ construction: 'raglan' });
    const flat = flatYoke(screen, 0)!;
    const perCm = screen.pieces[0]!.sections[0]!.stitches;
    const last = flat.rows.at(-1)!;
    for (const { id, edge } of flat.parts) {
      const [a, b] = edge;
      expect(Math.hypot(b[0] - a[0], b[1] - a[1])).toBeCloseTo(last.stitches[id] / perCm, 6);
    }
  });

  it('leaves a gap between open fronts and a notch where the neck falls', () => {
    const { screen } = sized({
      construction: 'raglan',
      front: { style: 'gap', width: 5 },
      neck: { shape: 'V', drop: 10 },
    });
    const front = flatYoke(screen, 5)!.parts.find(({ id }) => id === 'front')!;
    expect(front.polygons).toHaveLength(2);
    const inner = Math.min(...front.polygons[1]!.map(([x]) => Math.abs(x)));
    expect(inner).toBeCloseTo(2.5, 6);
  });
});

describe('another construction', () => {
  const garment = () => useDesign.getState().document!.garment as Record<string, unknown>;
  beforeEach(() => openDocument('one', newDesign('Test')));

  it('keeps what it can read, drops what it cannot, and comes back by undo', () => {
    const before = garment();
    expect(changeConstruction('raglan')).toBeNull();
    expect(garment()['construction']).toBe('raglan');
    expect(garment()['ease']).toEqual(before['ease']);
    expect(garment()['hem']).toEqual(before['hem']);
    expect((garment()['sleeve'] as Record<string, unknown>)['worked']).toBeUndefined();
    expect(changeConstruction('round-yoke')).toBeNull();
    undo();
    undo();
    expect(garment()).toEqual(before);
  });

  it('has settings that a note offers taken in one step, for the size alone where they are its own', () => {
    changeConstruction('raglan');
    takeFix({
      label: ['Deeper'],
      set: [
        { path: 'garment.depthEase', value: 6, size: 'M' },
        { path: 'garment.rates.most', value: 1 },
      ],
    });
    expect(garment()['depthEase']).toEqual({ all: { percent: 20 }, sizes: { M: 6 } });
    expect(garment()['rates']).toEqual({ most: 1 });
    undo();
    expect(garment()['depthEase']).toBeUndefined();
    expect(garment()['rates']).toBeUndefined();
  });
});
