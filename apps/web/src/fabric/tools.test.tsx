import { fireEvent, render, screen } from '@testing-library/react';
import type * as Zustand from 'zustand';
import { newDesign, plan, STITCH_PATTERNS, type Design } from '@upfell/core';
import { openDocument, useDesign } from '../state/designStore';
import { usePlan } from '../state/planner';
import { showFabric } from '../state/view';
import { forScreen } from '../worker/screen';
import { GaugeCheck } from './GaugeCheck';
import { Readings } from './Readings';
import { RowTypes } from './RowTypes';
import { RuleTester } from './RuleTester';
import { SwatchSheet } from './SwatchSheet';

// There is no worker in jsdom; plans are made here and put on screen as it would.
jest.mock('../state/planner', () => {
  const { create } = jest.requireActual<typeof Zustand>('zustand');
  return {
    usePlan: create(() => ({ plan: null, document: null, trouble: [], pinNotes: [] })),
    askCompare: jest.fn(),
  };
});

const mesh = STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'mesh-2')!.fabric;

function open(design: Design): void {
  openDocument('one', design);
  const made = plan(design);
  usePlan.setState({ plan: { ...made, sizes: made.sizes.map((size) => forScreen(size)) }, document: design });
  showFabric(null);
}
const fabric = () => useDesign.getState().document!.fabrics[0]!;
const type = (element: Element, value: string) => fireEvent.change(element, { target: { value } });

beforeEach(() => open(newDesign('Test')));

describe('rule tester', () => {
  const verdicts = () => screen.getAllByRole('row').map((row) => row.textContent!.replace(/\s+/g, ' '));

  it('says whether a count works flat and in the round, and the nearest that do', () => {
    const design = newDesign('Test');
    open({ ...design, fabrics: [{ ...mesh, id: 'body' }, design.fabrics[1]!] });
    render(<RuleTester />);
    type(screen.getByTestId('rule-count'), '61');
    expect(verdicts()[0]).toBe('Flat, stitchesworksa multiple of 3 plus 1');
    expect(verdicts()[1]).toBe('In the round, stitchesdoes not worka multiple of 3; 60 or 63 works');
    expect(screen.getAllByText(/20 mesh spaces/).length).toBeGreaterThan(0);
  });

  it.each(['', '0', '3.5', 'many', '99999'])('answers “%s” with a sentence', (text) => {
    render(<RuleTester />);
    type(screen.getByTestId('rule-count'), text);
    expect(screen.getByRole('alert').textContent).toMatch(/is no count/);
    expect(screen.queryByTestId('rule-verdicts')).toBeNull();
  });
});

describe('swatch', () => {
  it('begins with chains for 15 cm, and with up to twice the hook where the fabric is open', () => {
    render(<SwatchSheet />);
    const steps = () => screen.getByTestId('swatch-steps').textContent!;
    expect(steps()).toMatch(/Chain 26 for 24 stitches/);
    fireEvent.click(screen.getByText('open or fluffy'));
    expect(steps()).toMatch(/hook of 6 to 10 mm/);
    type(screen.getByLabelText(/Hook on the yarn/), 'thick');
    expect(screen.getByRole('alert').textContent).toMatch(/no hook size/);
  });
});

describe('gauge check', () => {
  const measure = (texts: readonly string[]) =>
    screen.getAllByRole('textbox').forEach((field, i) => type(field, texts[i]!));

  it('says what the gauge in hand does to each finished length', () => {
    render(<GaugeCheck />);
    measure(['16', '11', '11', '10']);
    const effect = screen.getByTestId('gauge-effect').textContent!;
    expect(effect).toMatch(/comes out 10 % wider and as long as planned/);
    expect(effect).toMatch(/A smaller hook would bring it back/);
    const row = screen.getByText('Back, width').closest('tr')!;
    const [, count, planned, now] = [...row.cells].map(({ textContent }) => textContent!);
    expect(parseFloat(now!)).toBeCloseTo((Number(count) / 16) * 11, 1);
    expect(parseFloat(planned!)).toBeCloseTo((Number(count) / 16) * 10, 1);
  });

  it('is content within 2 %, and asks for what is missing', () => {
    render(<GaugeCheck />);
    measure(['16', '10', '11', '10']);
    expect(screen.getByTestId('gauge-effect').textContent).toMatch(/go on as you are/);
    measure(['16', '10', '0', '10']);
    expect(screen.getByRole('alert').textContent).toMatch(/“0” is no count/);
    measure(['16', '0', '11', '10']);
    expect(screen.getByRole('alert').textContent).toMatch(/1\.0 to 200\.0 cm/);
  });
});

describe('readings', () => {
  it('are averaged into the gauge; one alone is the gauge itself', () => {
    open({
      ...newDesign('Test'),
      fabrics: newDesign('Test').fabrics.map((one) => ({ ...one, estimated: true })),
    });
    const { rerender } = render(<Readings state="gauge" />);
    fireEvent.click(screen.getByText('Another reading'));
    rerender(<Readings state="gauge" />);
    type(document.querySelector('[data-path="fabrics[0].readings[1].stitches"]')!, '17');
    expect(fabric().readings).toHaveLength(2);
    expect(fabric().gauge).toMatchObject({ stitches: 16.5, stitchesOver: 10 });
    expect(fabric().estimated).toBeUndefined();
    expect(screen.getByTestId('spread').textContent).toMatch(/16.0 to 17.0 stitches in 10 cm/);
    fireEvent.click(screen.getByLabelText('Leave out reading 1'));
    expect([fabric().readings, fabric().gauge.stitches]).toEqual([undefined, 17]);
  });
});

describe('rows of different heights', () => {
  it('make the repeat, and pieces end on the row that is chosen', () => {
    render(<RowTypes />);
    fireEvent.click(screen.getByText('Rows of different heights'));
    expect(fabric().rowTypes).toHaveLength(2);
    expect(fabric().rule.rows).toEqual({ multiple: 2, plus: 0 });
    type(screen.getByLabelText('Pieces end on'), '0');
    expect(fabric().rule.rows).toEqual({ multiple: 2, plus: 1 });
    fireEvent.click(screen.getByLabelText('Leave out first row'));
    expect([fabric().rowTypes, fabric().rule.rows.multiple]).toEqual([undefined, 1]);
  });
});
