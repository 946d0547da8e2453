import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crc32, deflateSync } from 'node:zlib';
import { By, Key, type WebElement } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design, joins } = application();
const folder = mkdtempSync(join(tmpdir(), 'upfell-map-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const file = (name: string, content: string | Buffer) => {
  writeFileSync(join(folder, name), content);
  return join(folder, name);
};

/** A picture of so many pixels (PNG, 8 bit, true colour; PNG specification, chunks 5.3 and 11.2). */
function png(
  width: number,
  height: number,
  colour: (x: number, y: number) => readonly [number, number, number],
): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const [length, check] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(data.length);
    check.writeUInt32BE(crc32(body));
    return Buffer.concat([length, body, check]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  const rows = Array.from({ length: height }, (_, y) =>
    Buffer.from([0, ...Array.from({ length: width }, (__, x) => colour(x, y)).flat()]),
  );
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.concat(rows))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

const square = (x: number, y: number) => browser.find(`[data-testid=map] [data-place="${x},${y}"]`);
const kindAt = async (x: number, y: number) => (await square(x, y)).getAttribute('data-kind');
/** Gives the dialog a file; its field is not to be seen. */
const give = async (path: string) => {
  await browser.find('[role=dialog]');
  await (await browser.driver.findElement(By.css('[data-testid=map-file]'))).sendKeys(path);
};
const choose = async (kind: string) =>
  browser.driver
    .findElement(By.xpath(`//*[@role="radio"][starts-with(normalize-space(.), "${kind}, ")]`))
    .click();

describe('a map of squares', () => {
  it('is coloured by a drag, which one undo takes back', async () => {
    await browser.open(design('willowgarth-jacket', 'map'));
    const row = () => Promise.all([0, 1, 2, 3, 4, 5].map((x) => kindAt(x, 9)));
    await browser.find('[data-testid=map]');
    const before = await row();
    await choose('B');
    const [from, to] = [await square(0, 9), await square(5, 9)];
    await browser.driver
      .actions()
      .move({ origin: from })
      .press()
      .move({ origin: await square(2, 9) })
      .move({ origin: to })
      .release()
      .perform();
    await browser.eventually(async () => expect(new Set(await row())).toEqual(new Set(['B'])));
    expect(await (await square(3, 9)).getAttribute('aria-label')).toMatch(
      /^back, row 5 from the fold, .+: B, Moss, placed by hand$/,
    );
    await browser.planned();
    await browser.saved();
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await row()).toEqual(before));
    expect(await browser.faults()).toEqual([]);
  });

  it('is coloured by keys alone: arrows over the neck, a letter places, Delete takes back to the rule', async () => {
    await browser.open(design('willowgarth-jacket', 'map'));
    const first = await square(0, 0);
    const before = await kindAt(2, 1);
    await browser.driver.executeScript('arguments[0].focus()', first);
    await browser.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_DOWN);
    const label = async () =>
      ((await browser.driver.switchTo().activeElement()) as WebElement).getAttribute('aria-label');
    expect(await label()).toMatch(/^front, row 4 from the fold, 3 to the left/);
    await browser.keys(before === 'D' ? 'c' : 'd');
    await browser.eventually(async () => expect(await kindAt(2, 1)).toBe(before === 'D' ? 'C' : 'D'));
    await browser.keys(Key.DELETE);
    await browser.eventually(async () => expect(await kindAt(2, 1)).toBe(before));
    // Down the middle the neck is left out: the next square is one of the back.
    await browser.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_DOWN, Key.ARROW_DOWN, Key.ARROW_DOWN);
    expect(await label()).toMatch(/^back, row 1 from the fold/);
    await browser.saved();
  });

  it('is taken from a table, which is told off where it names no kind', async () => {
    await browser.open(design('willowgarth-jacket', 'map'));
    await browser.press('From a file');
    await give(file('wrong.csv', 'A,B\nA,mauve\n'));
    await browser.eventually(async () =>
      expect(await browser.text('[role=dialog] [role=alert]')).toMatch(
        /^Row 2, column 2 says “mauve”; the kinds of squares are A \(Heather\)/,
      ),
    );
    const rows = Array.from({ length: 10 }, (_, y) =>
      Array.from({ length: 10 }, (__, x) => 'ABCD'[(x + y) % 4]).join(','),
    );
    await give(file('right.csv', rows.join('\n')));
    await browser.eventually(async () =>
      expect(await browser.text('[role=dialog] [role=status]')).toContain('98 of 98 squares'),
    );
    await browser.press('Place them');
    for (const [x, y] of [
      [0, 0],
      [3, 2],
      [9, 9],
    ] as const)
      await browser.eventually(async () => expect(await kindAt(x, y)).toBe('ABCD'[(x + y) % 4]));
    await browser.press('Take back 98 placed');
    await browser.saved();
  });

  it('is taken from a picture by the colours that come nearest', async () => {
    await browser.open(design('pipwell-pullover', 'map'));
    await browser.press('From a file');
    const sky = (x: number) => x < 45;
    const picture = png(90, 100, (x) => (sky(x) ? [111, 163, 199] : [232, 178, 58]));
    await give(file('halves.png', picture));
    await browser.eventually(async () =>
      expect(await browser.text('[role=dialog] [role=status]')).toContain(
        'A picture laid over 9 × 10 squares.',
      ),
    );
    await browser.press('Place them');
    await browser.eventually(async () => {
      expect(['B', 'C']).toContain(await kindAt(0, 4));
      expect(await kindAt(8, 4)).toBe('A');
    });
    await browser.planned();
    expect(await browser.faults()).toEqual([]);
  });

  it('keeps a yarn that a kind is in, and says which', async () => {
    await browser.open(design('willowgarth-jacket', 'map'));
    await browser.click('[aria-label="Remove yarn rust"]');
    expect(await browser.text('[role=alert]')).toBe(
      '“rust” is in B (Moss), C (Rust): give these another yarn first, then it can go.',
    );
  });

  it('is written letter by letter and proven, with how many to make of each kind', async () => {
    await browser.open(design('willowgarth-jacket', 'pattern'));
    await browser.eventually(async () => {
      const text = await browser.text('[data-testid=pattern]');
      expect(text).toMatch(/A, Heather: make \d+/);
      expect(text).toMatch(/Map of the back, from the fold down/);
    });
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('lies folded on the table in its colours, each join agreed', async () => {
    await browser.open(design('willowgarth-jacket', 'table'));
    await joins('armhole-left', 'side-left', 'cuff-left', 'edging-round');
    expect(await (await browser.find('[data-testid=squares]')).findElements(By.css('g'))).not.toHaveLength(0);
    await browser.press('spread out');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=spread]')).toContain('Sheet of squares'),
    );
    expect(await browser.faults()).toEqual([]);
  });
});
