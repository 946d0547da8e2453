import { act, fireEvent, render, screen } from '@testing-library/react';
import { completeBody, type Design } from '@upfell/core';
import { openDocument } from '../state/designStore';
import { usePlan } from '../state/planner';
import { useView } from '../state/view';
import { demoDesign } from '../testing/demo';
import { SizeTape } from './SizeTape';

// jsdom lays nothing out, so nothing is ever resized.
Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    disconnect() {}
  },
});

const design = demoDesign('brackenlow-pullover');
const flags = () => screen.getAllByRole<HTMLButtonElement>('radio');
const left = (flag: HTMLElement) => parseFloat(flag.style.left);
const show = (document: Design) => {
  openDocument('one', document);
  usePlan.setState({ plan: null, document: null });
  useView.setState({ size: null, all: false });
  render(<SizeTape />);
};

it('has a flag for every size, in the order of its measurement and to scale', () => {
  show(design);
  expect(flags().map(({ textContent }) => textContent)).toEqual(design.sizes.map(({ label }) => label));
  const busts = design.sizes.map(({ body, group }) => completeBody(body, group)!.body.bust);
  const [first, second] = [left(flags()[0]!), left(flags().at(-1)!)];
  flags().forEach((flag, i) => {
    const share = (busts[i]! - busts[0]!) / (busts.at(-1)! - busts[0]!);
    expect(left(flag)).toBeCloseTo(first + share * (second - first), 6);
    expect(flag.getAttribute('aria-label')).toContain(`${busts[i]!.toFixed(1)} cm`);
  });
});

it('begins at the middle size and takes the one that is picked', () => {
  show(design);
  const checked = () => flags().filter((flag) => flag.getAttribute('aria-checked') === 'true');
  expect(checked().map(({ textContent }) => textContent)).toEqual([
    design.sizes[Math.floor((design.sizes.length - 1) / 2)]!.label,
  ]);
  fireEvent.click(flags()[1]!);
  expect(checked()).toEqual([flags()[1]]);
  expect(useView.getState().size).toBe(design.sizes[1]!.id);
});

it('is read by the hip where the width is led by it, and in inches where they are read', () => {
  show({ ...design, units: 'in', garment: { ...design.garment, widthLedBy: 'hip' } });
  expect(screen.getByText('Hip, in')).toBeTruthy();
  const { body, group } = design.sizes[0]!;
  const hip = completeBody(body, group)!.body.hip / 2.54;
  const said = /, ([\d/ ]+) in$/.exec(flags()[0]!.getAttribute('aria-label')!)![1]!;
  const value = said.split(' ').reduce((sum, part) => {
    const [a, b = 1] = part.split('/').map(Number);
    return sum + a! / b;
  }, 0);
  expect(Math.abs(value - hip)).toBeLessThan(0.13);
});

it('keeps flags that would cover each other apart in two lanes', () => {
  const { body } = design.sizes[0]!;
  const close = design.sizes.slice(0, 4).map((size, i) => ({
    ...size,
    body: { ...size.body, bust: i < 2 ? body.bust! + 0.2 * i : size.body.bust! },
  }));
  show({ ...design, graded: false, sizes: close });
  expect(flags()[0]!.style.top).not.toBe(flags()[1]!.style.top);
});

it('lays all sizes over each other, but has no button for that where there is only one', () => {
  show(design);
  const all = screen.getByRole('button', { name: 'All' });
  fireEvent.click(all);
  expect(useView.getState().all).toBe(true);
  expect(all.getAttribute('aria-pressed')).toBe('true');
  act(() => openDocument('two', demoDesign('tansyfield-for-ines')));
  expect(flags()).toHaveLength(1);
  expect(screen.queryByRole('button', { name: 'All' })).toBeNull();
});

it('shows the sizes of the plan until it knows those of the document', () => {
  show(design);
  act(() => usePlan.setState({ document: design }));
  const wider = structuredCopy(design);
  wider.sizes[0]!.body.bust! -= 4;
  const before = flags()[0]!.getAttribute('aria-label');
  act(() => openDocument('one', wider));
  // The plan is not made yet: flag and pieces move in one frame.
  expect(flags()[0]!.getAttribute('aria-label')).toBe(before);
  act(() => usePlan.setState({ document: wider }));
  expect(flags()[0]!.getAttribute('aria-label')).not.toBe(before);
});

function structuredCopy(of: Design): Design {
  return JSON.parse(JSON.stringify(of)) as Design;
}
