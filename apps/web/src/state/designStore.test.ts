import { newDesign } from '@upfell/core';
import { edit, keepDraft, openDocument, redo, undo, useDesign } from './designStore';

const ease = () => useDesign.getState().document!.garment['ease'];
const setEase = (value: unknown) =>
  edit('garment.ease', (document) => void (document.garment['ease'] = value));

beforeEach(() => {
  jest.useFakeTimers({ now: 0 });
  openDocument('one', newDesign('Test'));
});
afterEach(() => jest.useRealTimers());

it('takes an edit that the core accepts, and undoes and redoes it', () => {
  expect(setEase(14)).toBeNull();
  expect(ease()).toBe(14);
  undo();
  expect(ease()).toBe(10);
  redo();
  expect(ease()).toBe(14);
});

it('refuses an edit that the core does not accept, with the sentence of that field', () => {
  expect(setEase(900)).toBe('The ease is 900; it can be -40 to 80 cm.');
  expect(
    edit('fabrics[0].rule.flat.multiple', (document) => void (document.fabrics[0]!.rule.flat.multiple = 0)),
  ).toMatch(/it can be 1 to 200/);
  expect(ease()).toBe(10);
});

it('joins the key presses of one field into one step of undo', () => {
  setEase(1);
  jest.setSystemTime(300);
  setEase(14);
  jest.setSystemTime(3000);
  setEase(20);
  undo();
  expect(ease()).toBe(14);
  undo();
  expect(ease()).toBe(10);
});

it('keeps unfit text beside the document until it is put right', () => {
  keepDraft('garment.ease', { text: 'lots', message: 'no length' });
  expect(useDesign.getState().drafts).toEqual({ 'garment.ease': { text: 'lots', message: 'no length' } });
  keepDraft('garment.ease', null);
  expect(useDesign.getState().drafts).toEqual({});
});

it('has nothing to undo in a design just opened', () => {
  setEase(14);
  openDocument('two', newDesign('Other'));
  undo();
  expect(useDesign.getState().document!.name).toBe('Other');
});

it('takes back unfit text before it takes back an edit', () => {
  setEase(14);
  keepDraft('garment.ease', { text: 'lots', message: 'no length' });
  undo();
  expect([ease(), useDesign.getState().drafts]).toEqual([14, {}]);
  undo();
  expect(ease()).toBe(10);
});
