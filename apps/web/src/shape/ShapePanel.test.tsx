import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { newDesign, shareBase } from '@upfell/core';
import { propose } from '../state/proposal';
import { edit, openDocument, undo, useDesign } from '../state/designStore';
import { useView } from '../state/view';
import { ShapePanel } from './ShapePanel';

// The worker's answer, from the core itself.
jest.mock('../state/planner', () => ({
  ...jest.requireActual<object>('../state/planner'),
  askShareBase: (...asked: Parameters<typeof shareBase>) => Promise.resolve(shareBase(...asked)),
}));
jest.mock('../state/proposal', () => ({ propose: jest.fn() }));
// Radix' slider watches sizes.
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
} as unknown as typeof ResizeObserver;

const garment = () => useDesign.getState().document!.garment as Record<string, unknown>;
const field = (path: string) => document.querySelector<HTMLInputElement>(`[data-path="${path}"]`)!;
const type = (path: string, value: string) => fireEvent.change(field(path), { target: { value } });
const choose = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => {
  useView.setState({ size: 'M' });
  openDocument('one', newDesign('Test'));
  render(<ShapePanel />);
});

describe('an ease', () => {
  it('is a length, and changes to a share of the body and back', async () => {
    type('garment.ease', '12');
    expect(garment()['ease']).toBe(12);
    fireEvent.click(screen.getByLabelText('Ease, all round: give it in per cent'));
    await waitFor(() => expect(garment()['ease']).toEqual({ percent: 12.5 }));
    type('garment.ease', '10');
    expect(garment()['ease']).toEqual({ percent: 10 });
    fireEvent.click(screen.getByLabelText('Ease, all round: give it as a length in cm'));
    await waitFor(() => expect(garment()['ease']).toBe(9.6));
  });

  it('of the range: how even its steps are is set by a slider that says what it means', () => {
    const slider = screen.getByLabelText('Even steps');
    fireEvent.change(slider, { target: { value: '70' } });
    expect(useDesign.getState().document!.range).toEqual({ even: 70 });
    expect(slider.getAttribute('aria-valuetext')).toBe('steps are clearly evened');
  });

  it('has another figure for one size, which the scale then moves', () => {
    fireEvent.click(screen.getAllByLabelText(/^Another for M alone/)[0]!);
    expect(garment()['ease']).toEqual({ all: 10, sizes: { M: 10 } });
    type('garment.ease.sizes.M', '14');
    expect(garment()['ease']).toEqual({ all: 10, sizes: { M: 14 } });
    fireEvent.keyDown(screen.getByRole('slider', { name: 'Ease on the scale of classes' }), {
      key: 'ArrowRight',
    });
    expect(garment()['ease']).toEqual({ all: 10, sizes: { M: 14.5 } });
    expect(screen.getByTestId('ease-class').textContent).toBe('+14.5 cm: loose');
    fireEvent.click(screen.getByLabelText('Ease, all round: M as all sizes'));
    expect(garment()['ease']).toBe(10);
  });

  it('moves on the scale by the keyboard, in one step of undo for a run of presses', () => {
    const slider = screen.getByRole('slider', { name: 'Ease on the scale of classes' });
    for (let i = 0; i < 4; i += 1) fireEvent.keyDown(slider, { key: 'ArrowLeft' });
    expect(garment()['ease']).toBe(8);
    expect(screen.getByTestId('ease-class').textContent).toBe('+8.0 cm: classic');
    act(undo);
    expect(garment()['ease']).toBe(10);
  });

  it('of its own at the hip and at the upper arm can be added and left out', () => {
    choose('At the hip', 'own');
    expect(garment()['hipEase']).toBe(10);
    type('garment.hipEase', '4');
    expect(garment()['hipEase']).toBe(4);
    choose('At the hip', 'none');
    expect(garment()['hipEase']).toBeNull();
    choose('Upper arm', 'own');
    expect((garment()['sleeve'] as { upperArmEase: number }).upperArmEase).toBe(8);
  });

  it.each([
    ['garment.ease', '900', /it can be -40 to 80 cm/],
    ['garment.ease', 'some', /is not a length/],
    ['garment.sleeve.wristEase', '', /A length is missing here/],
  ])('answers %s “%s” at the field and changes nothing', (path, text, sentence) => {
    const before = garment();
    type(path, text);
    expect(screen.getByRole('alert').textContent).toMatch(sentence);
    expect(garment()).toEqual(before);
  });
});

it('lets the neck be led by the head, by its round, or by what is wanted', () => {
  const neck = () => garment()['neck'] as { width?: number | null; ease?: number | null };
  choose('Led by the neck round', 'own');
  expect(neck().ease).toBe(12);
  type('garment.neck.ease', '14');
  expect(neck().ease).toBe(14);
  fireEvent.change(field('garment.neck.width.own'), { target: { value: 'own' } });
  expect(neck().width).toBe(18);
  expect(screen.queryByLabelText('Led by the neck round')).toBeNull();
  type('garment.neck.width', '20');
  expect(neck().width).toBe(20);
  // Another style has its own width and depth.
  choose('Style', 'boat');
  expect(neck()).toEqual(expect.objectContaining({ style: 'boat' }));
  for (const key of ['width', 'ease', 'drop']) expect(neck()).not.toHaveProperty(key);
});

it('slants the fronts by a rate in place of a drop and a line', () => {
  const add = screen.getByText('Slant of the front neck').querySelector('button')!;
  fireEvent.click(add);
  expect(garment()['neck']).toMatchObject({ slant: {} });
  expect([field('garment.neck.drop'), field('garment.neck.shape')]).toEqual([null, null]);
  type('garment.neck.slant.stitches', '2');
  fireEvent.change(field('garment.neck.slant.every'), { target: { value: '2' } });
  expect(garment()['neck']).toMatchObject({ slant: { stitches: 2, every: 2 } });
});

it('says what each field does where that is wanted', () => {
  expect(screen.queryByText(/Added to the body’s armhole depth/)).toBeNull();
  fireEvent.click(screen.getByText('Say what each field does'));
  expect(screen.getByText(/Added to the body’s armhole depth. A share is of the armhole depth/)).toBeTruthy();
  fireEvent.click(screen.getByText('Hide what each field does'));
  expect(screen.queryByText(/Added to the body’s armhole depth/)).toBeNull();
});

it('lets width and length be led by other measurements', () => {
  choose('Width led by', 'widest');
  choose('Length led by', 'longer');
  expect(garment()).toMatchObject({ widthLedBy: 'widest', lengthLedBy: 'longer' });
});

it('shows a change of fabric before it is taken: nothing changes by choosing', () => {
  const before = garment();
  choose('From the underarm up', 'rib');
  expect(garment()).toEqual(before);
  const [title, path, change] = jest.mocked(propose).mock.calls.at(-1)!;
  expect([title, path]).toEqual(['Change to Rib, back loops?', 'garment']);
  act(() => void edit(path, change));
  expect(garment()['upper']).toEqual({ fabric: 'rib' });
  choose('From the underarm up', 'body');
  act(() => void edit('garment', jest.mocked(propose).mock.calls.at(-1)![2]));
  expect(garment()['upper']).toEqual({ fabric: null });
});

it('leaves a rib out and adds it again', () => {
  const button = () => screen.getByText('Hem rib').querySelector('button')!;
  fireEvent.click(button());
  expect(garment()['hem']).toBeNull();
  expect(field('garment.hem.height')).toBeNull();
  fireEvent.click(button());
  expect(garment()['hem']).toEqual({});
  expect(field('garment.hem.height').value).toBe('5');
  type('garment.hem.gather', '95');
  expect(garment()['hem']).toEqual({ gather: 0.95 });
});

it('opens the front, and asks for what that needs', () => {
  fireEvent.change(screen.getByLabelText('Front'), { target: { value: 'band' } });
  expect(garment()['front']).toEqual({ style: 'band' });
  const width = screen.getByLabelText(/^Width of the band/);
  fireEvent.change(width, { target: { value: '3' } });
  fireEvent.blur(width);
  expect(garment()['front']).toMatchObject({ style: 'band', width: 3 });
  expect(screen.getByText('Fabric of the bands')).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Front'), { target: { value: 'closed' } });
  expect(screen.queryByText('Fabric of the bands')).toBeNull();
});
