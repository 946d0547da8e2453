import { keepFocus } from './keepFocus';

let end: () => void;
beforeEach(() => {
  document.body.innerHTML = `<div id="root"><main>
    <ul><li id="one"><button id="a">a</button></li><li id="two"><button id="b">b</button></li></ul>
    <button id="c">c</button></main></div>`;
  end = keepFocus();
});
afterEach(() => end());

const at = (id: string) => document.getElementById(id)!;
const settled = () => new Promise((done) => setTimeout(done, 80));

it('gives the keyboard to what is nearest when the element that had it goes', async () => {
  at('a').focus();
  at('one').remove();
  await settled();
  expect(document.activeElement).toBe(at('b'));
});

it('goes to the main part when nothing near is left', async () => {
  at('c').focus();
  document.querySelector('main')!.innerHTML = '<p>All gone.</p>';
  await settled();
  expect(document.activeElement).toBe(document.querySelector('main'));
});

it('leaves alone what has moved on by itself, and what has only lost the keyboard', async () => {
  at('a').focus();
  at('one').remove();
  at('c').focus();
  await settled();
  expect(document.activeElement).toBe(at('c'));
  at('c').blur();
  at('two').remove();
  await settled();
  expect(document.activeElement).toBe(document.body);
});

it('does not leave it at a button that can no longer be pressed', async () => {
  at('a').focus();
  (at('a') as HTMLButtonElement).disabled = true;
  await settled();
  expect(document.activeElement).not.toBe(at('a'));
  expect(document.activeElement).not.toBe(document.body);
});

it('ends when it is told to', async () => {
  end();
  at('a').focus();
  at('one').remove();
  await settled();
  expect(document.activeElement).toBe(document.body);
});
