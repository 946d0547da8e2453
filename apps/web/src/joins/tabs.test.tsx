import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { checkEdging, plan, seamsOf, type Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { openDocument, undo, useDesign } from '../state/designStore';
import { usePlan } from '../state/planner';
import { Planner } from '../worker/planner';
import { forScreen, type ScreenSize } from '../worker/screen';
import { AssemblyTab } from './AssemblyTab';
import { SeamFields } from './SeamFields';
import { YarnTab } from './YarnTab';

const mockPlanner = new Planner();
jest.mock('../state/planner', () => ({
  ...jest.requireActual<object>('../state/planner'),
  // In place of the worker, which jsdom has none of.
  askAssembly: (size: string) => Promise.resolve(mockPlanner.assembly(size)),
}));

const design = demoDesign('brackenlow-pullover');
let size: ScreenSize;

/** Opens a design and plans it, as the page does. */
function open(document: Design): void {
  openDocument('one', document);
  mockPlanner.planDocument(document);
  const sizes = plan(document).sizes.map((size) => forScreen(size));
  usePlan.setState({ plan: { design: document.name, construction: 'drop-shoulder', sizes }, document });
  size = sizes[3]!;
}
const finishing = () => useDesign.getState().document!.finishing;

beforeEach(() => {
  localStorage.clear();
  open(design);
});

describe('a seam', () => {
  const show = (id: string) => {
    const join = size.joins.find((one) => one.id === id)!;
    const seam = seamsOf(size, {}).find((one) => one.join === id)!;
    render(<SeamFields join={join} alike={['side-left', 'side-right']} seam={seam} edging={null} />);
    return { join, seam };
  };

  it('says how its two sides meet between the markers, and adds up to its counts', () => {
    const { join, seam } = show('side-left');
    expect(screen.getAllByRole('row')).toHaveLength(seam.marks.length);
    const between = /Between them (.*)\./.exec(screen.getByTestId('seam').textContent)![1]!;
    const pairs = between.split(', ').map((pair) => pair.split(' to ').map(Number));
    expect(pairs.reduce((sum, [a]) => sum + a!, 0)).toBe(join.aCount);
    expect(pairs.reduce((sum, [, b]) => sum + b!, 0)).toBe(join.bCount);
  });

  it('is made by another method in one step of undo', () => {
    show('side-left');
    const field = screen.getByLabelText<HTMLSelectElement>(/^Made by/);
    const other = [...field.options].map(({ value }) => value).find((value) => value !== field.value)!;
    fireEvent.change(field, { target: { value: other } });
    // The pattern tells both sides together: both are made so.
    expect(finishing()?.methods).toEqual({ 'side-left': other, 'side-right': other });
    act(undo);
    expect(finishing()?.methods?.['side-left']).toBe(design.finishing?.methods?.['side-left']);
  });

  it('tells whether an edging lies flat along its edge', () => {
    const fabricOf = (id: string) => design.fabrics.find((fabric) => fabric.id === id)!;
    const edges = new Map(
      size.pieces.flatMap(({ fabric, edges: of }) =>
        of.map((edge) => [edge.id, { ...edge, fabric: fabricOf(fabric) }] as const),
      ),
    );
    const edged = size.joins.find((join) => checkEdging(join, edges) !== null)!;
    const edging = checkEdging(edged, edges)!;
    const seam = seamsOf(size, {}).find((one) => one.join === edged.id)!;
    render(
      <SeamFields join={edged} alike={[edged.id]} seam={seam} edging={{ ...edging, verdict: 'ruffles' }} />,
    );
    expect(screen.getByTestId('seam').textContent).toContain('ruffles: it is longer than its edge');
  });
});

describe('the order of assembly', () => {
  const steps = () => screen.getAllByRole('listitem').flatMap((one) => one.getAttribute('data-step') ?? []);
  const show = async () => {
    render(<AssemblyTab size={size} />);
    await screen.findAllByRole('img');
  };

  it('has every seam of the garment in its drawings and steps', async () => {
    await show();
    expect(steps().length).toBeGreaterThan(4);
    const drawn = screen.getAllByRole('img').map((one) => one.getAttribute('aria-label')!);
    expect(new Set(drawn).size).toBe(drawn.length);
    for (const one of screen.getAllByRole('img')) expect(one.querySelector('svg')).not.toBeNull();
  });

  it('takes another order that works as one step of undo, and refuses one that does not with the reason', async () => {
    await show();
    const before = steps();
    const buttons = () => screen.getAllByRole<HTMLButtonElement>('button', { name: /later$/ });
    let taken = 0;
    let refused = 0;
    for (let i = 0; i < before.length - 1; i += 1) {
      fireEvent.click(buttons()[i]!);
      if (screen.queryByRole('alert')) {
        refused += 1;
        expect(screen.getByRole('alert').textContent).toMatch(/^That order does not work\. .{20}/);
        expect(steps()).toEqual(before);
      } else {
        taken += 1;
        expect(steps()).toEqual(before.with(i, before[i + 1]!).with(i + 1, before[i]!));
        act(undo);
        expect(steps()).toEqual(before);
      }
    }
    expect([taken > 0, refused > 0]).toEqual([true, true]);
  });

  it('tells what every piece is pinned out to, in the units that are read', async () => {
    await show();
    const [table] = screen.getAllByRole('table');
    for (const { label } of size.pieces)
      expect(within(table!).getByText(new RegExp(`^${label}`))).toBeTruthy();
    expect(table!.textContent).toContain('Pin out, cm');
  });
});

describe('yarn', () => {
  it('adds up to what is bought, and falls when less is kept to spare', () => {
    render(<YarnTab size={size} />);
    const need = size.yarn[0]!;
    const rows = within(screen.getByTestId(`yarn-${need.fabric}`)).getAllByRole('row');
    const metres = rows.map((row) => Number(row.querySelector('td')?.textContent.replace(',', '')));
    const spare = rows.findIndex((row) => row.textContent.includes('to spare'));
    const parts = metres.slice(1, spare).reduce((sum, one) => sum + one, 0);
    const reserve = Number(/With (\d+) %/.exec(rows[spare]!.textContent)![1]);
    // Every part is rounded by itself.
    expect(Math.abs(metres[spare]! - parts * (1 + reserve / 100))).toBeLessThan(rows.length + 1);
  });

  it('says in which another yarn comes, in whole balls, and what is no number', () => {
    render(<YarnTab size={size} />);
    const [field] = screen.getAllByLabelText('Metres in a ball');
    const type = (value: string) => fireEvent.change(field!, { target: { value } });
    type('two');
    expect(screen.getByRole('alert').textContent).toBe('Metres in a ball: a number from 10 to 5,000.');
    type('110');
    const need = size.yarn[0]!;
    const table = screen.getByTestId(`another-${need.fabric}`);
    const lit = [...table.querySelectorAll('td')].filter(({ className }) =>
      className.includes('font-semibold'),
    );
    expect(lit.map(({ textContent }) => Number(textContent.replace(',', '')))).toEqual([
      need.metres,
      Math.ceil(need.metres / 110),
    ]);
  });

  it('takes stripes, each with a colour of its own, and lets them go again', () => {
    render(<YarnTab size={size} />);
    const [add] = screen.getAllByRole('button', { name: /name a colour or work stripes/ });
    fireEvent.click(add!);
    expect(finishing()!.colours!.at(-1)!.stripes).toEqual([{ colour: 'Colour 1', rows: 2 }]);
    act(undo);
    expect(finishing()?.colours ?? []).toEqual(design.finishing?.colours ?? []);
  });
});
