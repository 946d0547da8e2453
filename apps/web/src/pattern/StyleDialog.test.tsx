import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { HOUSE_WAYS, newDesign, type HouseStyle } from '@upfell/core';
import { toast } from 'sonner';
import { studio } from '../api/studio';
import { openDocument, undo, useDesign } from '../state/designStore';
import { useStudio } from '../state/studio';
import { termsNow } from '../state/useTerms';
import { setTerms } from '../state/view';
import { StyleDialog } from './StyleDialog';

jest.mock('../api/studio', () => ({ studio: { style: jest.fn(), saveStyle: jest.fn() } }));

const saveStyle = jest.mocked(studio.saveStyle);
const words = () => useDesign.getState().document!.words;
const field = (label: string) => screen.getByLabelText<HTMLSelectElement>(label);
const choose = (label: string, way: string) => fireEvent.change(field(label), { target: { value: way } });

beforeEach(() => {
  saveStyle.mockReset().mockImplementation((style) => Promise.resolve(style));
  useStudio.setState({ style: {} });
  setTerms(null);
  openDocument('one', newDesign('Test'));
  render(<StyleDialog onClose={() => undefined} />);
});

it('has every way of every setting, for the studio and for this design, which is as the studio at first', () => {
  const fields = screen.getAllByRole<HTMLSelectElement>('combobox');
  const ways = Object.values(HOUSE_WAYS);
  expect(fields).toHaveLength(2 * ways.length + 1);
  for (const [i, of] of ways.entries()) {
    const [all, own] = fields.slice(2 * i);
    expect([...all!.options].map(({ value }) => value)).toEqual(of);
    expect([...own!.options].map(({ value }) => value)).toEqual(['', ...of]);
    expect(own!.selectedOptions[0]!.textContent).toBe(
      `as the studio: ${all!.selectedOptions[0]!.textContent}`,
    );
  }
});

it('keeps a way of the studio with the studio, and the usual one by leaving it out', async () => {
  choose('Stitches, the studio', 'stitches');
  choose('Lengths, the studio', 'both units');
  await waitFor(() =>
    expect(saveStyle).toHaveBeenLastCalledWith<[Partial<HouseStyle>]>({
      stitches: 'stitches',
      lengths: 'both units',
    }),
  );
  expect(field('Stitches, this design').selectedOptions[0]!.textContent).toBe(
    'as the studio: stitch, stitches',
  );
  choose('Stitches, the studio', 'sts');
  await waitFor(() => expect(saveStyle).toHaveBeenLastCalledWith({ lengths: 'both units' }));
  expect(words()).toBeUndefined();
});

it('takes a way back that the server does not keep, and says so', async () => {
  const said = jest.spyOn(toast, 'error').mockReturnValue('');
  saveStyle.mockRejectedValue(new Error('The server is away.'));
  choose('Stitches, the studio', 'stitches');
  expect(field('Stitches, the studio').value).toBe('stitches');
  await waitFor(() => expect(field('Stitches, the studio').value).toBe('sts'));
  expect(said).toHaveBeenCalledWith('The style could not be kept: The server is away.');
});

it('keeps a way of this design in the design, to be undone, and gives it up for the studio’s', () => {
  choose('Figures of several sizes, this design', 'slashes');
  choose('Names of rows, this design', 'ROW');
  expect(words()!.style).toEqual({ sizes: 'slashes', rowNames: 'ROW' });
  act(undo);
  expect(words()!.style).toEqual({ sizes: 'slashes' });
  choose('Figures of several sizes, this design', '');
  expect(words()!.style).toBeUndefined();
  expect(saveStyle).not.toHaveBeenCalled();
});

it('lets the author say the skill', () => {
  choose('Skill', 'experienced');
  expect(words()!.skill).toBe('experienced');
  choose('Skill', '');
  expect(words()!.skill).toBeUndefined();
});

it('sets the terms for the studio and for this design, over those that were switched to for a look', async () => {
  expect(termsNow()).toBe('us');
  choose('Names of stitches, the studio', 'uk');
  await waitFor(() => expect(termsNow()).toBe('uk'));
  choose('Names of stitches, this design', 'us');
  expect(termsNow()).toBe('us');
  act(() => setTerms('uk'));
  expect(termsNow()).toBe('uk');
  choose('Names of stitches, this design', '');
  act(() => useStudio.setState({ style: {} }));
  expect(termsNow()).toBe('us');
});
