import { act, render, screen } from '@testing-library/react';
import { newDesign, type Design } from '@upfell/core';
import { openDocument } from '../state/designStore';
import { showFabric } from '../state/view';
import { FabricList } from './FabricList';

jest.mock('../api/library', () => ({ fabrics: { list: () => Promise.resolve([]) } }));

/** Opens a design with one of its fabrics shown. */
async function show(garment: object, fabric: string): Promise<void> {
  const design = newDesign('Test');
  openDocument('one', { ...design, garment: { ...design.garment, ...garment } as Design['garment'] });
  showFabric(fabric);
  await act(async () => void render(<FabricList />));
}
const uses = () => screen.queryByText(/^used by /)?.textContent ?? null;

describe('the uses of a fabric', () => {
  it('are all the parts that a construction declares a fabric for', async () => {
    await show({ hood: {}, front: { style: 'band', width: 4, fabric: 'rib' } }, 'rib');
    expect(uses()).toBe('used by the front bands, the hem rib, the cuff rib');
  });

  it('are not those of a part that the garment is without', async () => {
    await show({ hem: null, front: { style: 'closed' } }, 'rib');
    expect(uses()).toBe('used by the cuff rib');
  });

  it('name the yoke and the body below it apart', async () => {
    const yoke = {
      construction: 'raglan',
      neck: {},
      sleeve: {},
      body: { fabric: 'rib' },
      hem: null,
      cuff: null,
    };
    await show(yoke, 'body');
    expect(uses()).toBe('used by the yoke');
  });

  it('are none where nothing is worked in it', async () => {
    await show({ hem: null, cuff: null }, 'rib');
    expect(uses()).toBeNull();
  });
});
