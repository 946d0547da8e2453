import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { inWords, type Design } from '@upfell/core';
import { edit, openDocument, undo, useDesign } from '../state/designStore';
import { clearPlan, requestPlan, usePlan } from '../state/planner';
import { useView } from '../state/view';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { JoinDetail } from './JoinDetail';
import { Overview } from './Overview';

jest.mock('comlink');
planHere();

const raglan = demoDesign('marlbank-pullover');
const panels = demoDesign('brackenlow-pullover');
const size = () => usePlan.getState().plan!.sizes[2]!;
async function open(design: Design) {
  clearPlan();
  openDocument('one', design);
  await requestPlan(design);
}
const shallow: Design = { ...raglan, garment: { ...raglan.garment, depthEase: -6 } };

describe('overview of a size', () => {
  it('lists what was wanted and what it is, and every count, in the units that are read', async () => {
    await open(panels);
    render(<Overview size={size()} />);
    const rows = within(screen.getByTestId('finished')).getAllByRole('row').slice(1);
    expect(rows).toHaveLength(size().finished.length);
    const bust = size().finished[0]!;
    expect(rows[0]!.textContent).toBe(`${bust.label}${bust.target.toFixed(1)}${bust.actual.toFixed(1)}`);
    act(() => useDesign.setState({ document: { ...panels, units: 'in' } }));
    expect(rows[0]!.textContent).not.toContain(bust.target.toFixed(1));
    for (const { id, count } of size().quantities)
      expect(document.querySelector(`[data-count-row="${id}"]`)!.textContent).toContain(String(count));
  });

  it('leads from a count to its reasons', async () => {
    await open(panels);
    render(<Overview size={size()} />);
    fireEvent.click(document.querySelector('[data-count-row="neck.width"]')!);
    expect(useView.getState().selection).toEqual({ kind: 'quantity', id: 'neck.width' });
  });

  it('says that nothing needs a second look only where that is so', async () => {
    await open(panels);
    const calm = /nothing needs a second look/;
    const { unmount } = render(<Overview size={{ ...size(), notes: [] }} />);
    expect(screen.getByText(calm)).toBeTruthy();
    unmount();
    await open(shallow);
    render(<Overview size={size()} />);
    expect(screen.queryByText(calm)).toBeNull();
  });

  it('tells a yoke that is too shallow, with settings that are taken by one click and undone by one', async () => {
    await open(raglan);
    // The setting is taken at once after the depth was typed, and is a step of undo all the same.
    edit('garment.depthEase', (document) => void (document.garment['depthEase'] = -6));
    await requestPlan(useDesign.getState().document!);
    render(<Overview size={size()} />);
    const note = size().notes.find(({ code }) => code === 'yoke-above-underarm')!;
    expect(screen.getByText(inWords(note.message, 'cm'))).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: inWords(note.fixes![0]!.label, 'cm') }));
    await act(() => requestPlan(useDesign.getState().document!));
    expect(size().notes.map(({ code }) => code)).not.toContain('yoke-above-underarm');
    act(undo);
    expect(useDesign.getState().document).toEqual(shallow);
  });

  it('keeps tips apart from what must be looked at', async () => {
    await open(panels);
    const tip = { level: 'tip' as const, code: 'one', where: '', message: ['A tip.'] };
    const { rerender } = render(<Overview size={{ ...size(), notes: [tip] }} />);
    expect(screen.getByText('1 tip')).toBeTruthy();
    rerender(<Overview size={{ ...size(), notes: [tip, { ...tip, code: 'two' }] }} />);
    expect(screen.getByText('2 tips')).toBeTruthy();
  });
});

describe('one join', () => {
  const joins = () => size().joins;
  const show = (id: string, change: object = {}) =>
    render(<JoinDetail join={{ ...joins().find((join) => join.id === id)!, ...change }} size={size()} />);

  it('shows both counts, both sides with their edges, and that they agree', async () => {
    await open(panels);
    for (const join of joins()) {
      const { unmount, container } = show(join.id);
      expect(container.textContent).toContain(
        `${join.aCount} ${join.aCount === join.bCount ? '=' : ':'} ${join.bCount}`,
      );
      expect(container.textContent).toMatch(/Both sides agree|eased in/);
      const edges = new Map(
        size().pieces.flatMap((piece) => piece.edges.map((edge) => [edge.id, edge.label])),
      );
      for (const { edge } of [...join.a, ...join.b]) expect(container.textContent).toContain(edges.get(edge));
      unmount();
    }
  });

  it('says in words, not by colour alone, when the sides do not agree', async () => {
    await open(panels);
    const seam = joins().find(({ kind }) => kind === 'row-to-row')!;
    show(seam.id, { ok: false, bCount: seam.bCount - 4, bLength: seam.bLength - 3, eased: 3 });
    expect(screen.getByText(/Do not agree: 3\.0 cm apart/)).toBeTruthy();
    expect(screen.getByText(`${seam.aCount} : ${seam.bCount - 4}`)).toBeTruthy();
  });

  it('warns of a seam that is stepped a row out of line', async () => {
    await open(panels);
    show(joins().find(({ kind }) => kind === 'row-to-row')!.id);
    expect(screen.getByText(/stepping one row out of line would skew the whole seam/)).toBeTruthy();
  });
});
