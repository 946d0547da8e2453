import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { application } from './support/application';

const { server, browser } = application();
const design = (step: string, id = 'demo-brackenlow-pullover') => `${server.url}/designs/${id}/${step}`;
const count = (id: string) => browser.text(`[data-quantity="${id}"]`);
const seam = (id: string) => browser.text(`[data-join="${id}"]`);
/** Types over a cell of the table of sizes, as a person does: click, type, Enter. */
const typeCell = async (cell: string, text: string, end = true) => {
  await browser.click(`[data-cell="${cell}"]`);
  await browser.keys(...text, ...(end ? [Key.ENTER] : []));
};
const planned = (id: string) => browser.text(`[data-count-row="${id}"]`);
const cell = (name: string) => browser.text(`[data-cell="${name}"]`);

describe('a design', () => {
  it('follows a body through to counts, seam, schedule and pattern, and is there after a reload', async () => {
    await browser.open(design('table'));
    await browser.press('M');
    await browser.eventually(async () => expect(await count('back.width')).toContain('86 st'));
    const before = { armhole: await seam('armhole-left'), hem: await seam('hem-back') };
    await browser.press('Body');
    await typeCell('bust M', '103');
    await browser.eventually(async () => expect(await planned('back.width')).toContain('94 st'));
    await typeCell('armholeDepth M', '21');
    await browser.saved();
    await browser.press('Table');
    await browser.eventually(async () => expect(await count('back.width')).toBe('94 st · 58.8 cm'));
    expect(await seam('hem-back')).not.toBe(before.hem);
    expect(await seam('armhole-left')).not.toBe(before.armhole);
    await browser.open(design('table'));
    await browser.press('M');
    await browser.eventually(async () => expect(await count('back.width')).toBe('94 st · 58.8 cm'));
    expect(await browser.text('[data-testid=sleeve-sentence]')).toMatch(
      /Increase at both edges every .* stitches, to row \d+/,
    );
    await browser.press('Pattern');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(/94, 94|, 94,/),
    );
  });

  it('exports, and opens the export again with the same counts', async () => {
    await browser.open(design('table'));
    await browser.press('M');
    const counts = [await count('back.width'), await seam('armhole-right')];
    await browser.click('[aria-label="Files and history"]');
    await browser.press('Download the design file');
    const file = join(browser.downloads, 'Brackenlow pullover.upfell.json');
    await browser.eventually(async () => expect(existsSync(file)).toBe(true));
    await browser.open(server.url);
    await browser.find('[data-testid=shelf]');
    await browser.driver.findElement(By.css('[data-testid=file]')).sendKeys(file);
    await browser.eventually(async () =>
      expect(await browser.driver.getCurrentUrl()).toMatch(/designs\/(?!demo-)[\w-]+\/table/),
    );
    await browser.press('M');
    await browser.eventually(async () =>
      expect([await count('back.width'), await seam('armhole-right')]).toEqual(counts),
    );
    expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ format: 'upfell/design', version: 1 });
  });

  it('keeps what was typed wrong, says what would be right, and marks the pieces as old', async () => {
    await browser.open(design('body'));
    await browser.press('S');
    await browser.eventually(async () => expect(await planned('back.width')).toContain('st'));
    const good = await planned('back.width');
    for (const [typed, sentence] of [
      ['0', 'it can be 20 to 250 cm'],
      ['-3', 'is -3 cm; it can be 20 to 250 cm'],
      ['99999', 'it can be 20 to 250 cm'],
      ['broad', 'is not a length'],
    ]) {
      await typeCell('bust S', typed!);
      await browser.click('[data-cell="bust S"]');
      await browser.eventually(async () =>
        expect(await browser.text('[data-testid=drawer] [role=alert]')).toContain(sentence),
      );
      expect(await browser.text('[data-testid=old-plan]')).toContain('Old');
      expect(await cell('bust S')).toBe(typed);
      // On the way to a huge figure stand good ones (99); what stood there before is what counts.
      await browser.eventually(async () => expect(await planned('back.width')).toBe(good));
    }
    await browser.press('Table');
    expect(await browser.text('[data-testid=old-plan]')).toContain('is not a length');
    await browser.press('Body');
    expect(await cell('bust S')).toBe('broad');
    await browser.click('[data-cell="bust S"]');
    await browser.keys(Key.ESCAPE);
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[data-testid=old-plan]'))).toHaveLength(0),
    );
    await browser.press('Fabric');
    await browser.type('[data-path="fabrics[0].rule.flat.multiple"]', '0');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=old-plan]')).toContain('multiple is 0; it can be 1 to 200'),
    );
    await (await browser.find('[data-path="fabrics[0].rule.flat.multiple"]')).sendKeys(Key.ESCAPE);
  });

  it('derives an emptied measurement and says by which rule', async () => {
    await browser.open(design('body'));
    await browser.click('[data-cell="crossBack L"]');
    await browser.keys(Key.DELETE);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=derived]')).toContain(
        'derived: 14 % of bust or chest plus 26.0 cm',
      ),
    );
    expect(await cell('crossBack L')).toBe('40.4');
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await cell('crossBack L')).toBe('39'));
    await browser.saved();
  });

  it('explains a count, and holds another from the ladder by keyboard', async () => {
    await browser.open(design('table'));
    await browser.press('XS');
    await browser.click('[data-quantity="back.width"]');
    expect(await browser.text('[data-testid=big-count]')).toBe('72 stitches');
    expect(await browser.text('[data-testid=because]')).toMatch(
      /Bust or chest, size XS[\s\S]*Ease[\s\S]*Two panels[\s\S]*An even number/,
    );
    await browser.driver.executeScript(
      'document.querySelector(\'[data-testid=ladder] [data-count="72"]\').focus()',
    );
    await browser.keys(Key.ARROW_UP, Key.ENTER);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=big-count]')).toBe('74 stitches'),
    );
    expect(await browser.text('[data-testid=drawer]')).toContain('Held at 74 in XS');
    expect(await count('front.width')).toContain('74 st');
    await browser.type('[aria-describedby=hold-trouble]', '75');
    await browser.press('Hold');
    expect(await browser.text('#hold-trouble')).toBe('75 breaks the rule (an even number); 74 or 76 works.');
    await browser.press('Let go');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=big-count]')).toBe('72 stitches'),
    );
  });

  it('answers held counts that clash at their place, and keeps the last good pieces', async () => {
    await browser.open(design('table'));
    await browser.press('XS');
    await browser.click('[data-quantity="neck.width"]');
    const good = await browser.text('[data-testid=big-count]');
    await browser.type('[aria-describedby=hold-trouble]', '31');
    await browser.press('Hold');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain(
        'Neck, width 31 needs an odd number for Back, width',
      ),
    );
    expect(await browser.text('[data-testid=drawer]')).toMatch(/32 or 34 works/);
    expect(await browser.text('[data-testid=big-count]')).toBe(good);
    expect(await browser.text('[data-testid=old-plan]')).toContain('Size XS');
    await browser.press('Let go');
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[data-testid=old-plan]'))).toHaveLength(0),
    );
    await browser.saved();
  });

  it('switches units and terms, steps sizes by keyboard, undoes and redoes', async () => {
    await browser.open(design('table'));
    await browser.press('M');
    await browser.press('in');
    await browser.eventually(async () => expect(await count('back.width')).toMatch(/st · \d+( \d\/\d)? in/));
    await (await browser.find('[data-testid=table]')).click();
    await browser.keys(']');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer] h2')).toBe('Size L'),
    );
    await browser.keys('[', '[');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer] h2')).toBe('Size S'),
    );
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await count('back.width')).toContain(' cm'));
    await browser.chord(Key.CONTROL, Key.SHIFT, 'z');
    await browser.eventually(async () => expect(await count('back.width')).toContain(' in'));
    await browser.press('cm');
    await browser.press('UK');
    await browser.keys('7');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toContain('htr (half treble)'),
    );
    await browser.press('US');
    await browser.press('S alone');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /Repeat the last \d+ rows .+ more, to row \d+/,
      ),
    );
    await browser.keys('?');
    expect(await browser.text('[role=dialog]')).toContain('Size before, size after');
    await browser.keys(Key.ESCAPE);
    await browser.saved();
  });

  it('restores an earlier state from the history, and that too can be undone', async () => {
    await browser.open(design('shape', 'demo-wrenmoss-baby-pullover'));
    await browser.find('[data-path="garment.ease"]');
    await browser.type('[data-path="garment.ease"]', '9');
    await browser.saved();
    await browser.click('[aria-label="Files and history"]');
    await browser.press('History …');
    await browser.press('Restore');
    await browser.eventually(async () =>
      expect(await (await browser.find('[data-path="garment.ease"]')).getAttribute('value')).toBe('6'),
    );
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () =>
      expect(await (await browser.find('[data-path="garment.ease"]')).getAttribute('value')).toBe('9'),
    );
    await browser.saved();
  });
});

describe('the shelf', () => {
  it('begins, renames, duplicates and puts away with undo', async () => {
    await browser.open(server.url);
    await browser.press('New design');
    await browser.press('Begin');
    await browser.eventually(async () => expect(await browser.driver.getCurrentUrl()).toMatch(/\/shape$/));
    await browser.find('[data-testid=worn-front] path');
    await browser.click('[aria-label="Upfell, to the shelf"]');
    await browser.click('[aria-label="Rename New drop shoulder"]');
    await browser.type('[role=dialog] input', 'Thrift field pullover');
    await browser.press('Rename');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=shelf]')).toContain('Thrift field pullover'),
    );
    await browser.click('[aria-label="Duplicate Thrift field pullover"]');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=shelf]')).toContain('Thrift field pullover (copy)'),
    );
    await browser.click('[aria-label="Delete Thrift field pullover (copy)"]');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=shelf]')).not.toContain('(copy)'),
    );
    await browser.press('Undo');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=shelf]')).toContain('(copy)'),
    );
  });

  it.each([
    ['hello', 'is not JSON'],
    ['{"format":"other/design","version":1}', 'a design file says “upfell/design”'],
    ['{"format":"upfell/design","version":7}', 'made by a newer Upfell'],
    [' '.repeat(20_000_000), '5 MB'],
    [
      '{"format":"upfell/design","version":1,"name":"<img src=x onerror=alert(1)>","sizes":[]}',
      'at least one size belongs here',
    ],
  ])('says why a file cannot be opened (%#)', async (text, sentence) => {
    const file = join(browser.downloads, 'broken.upfell.json');
    writeFileSync(file, text);
    await browser.open(server.url);
    await browser.find('[data-testid=shelf]');
    await browser.driver.findElement(By.css('[data-testid=file]')).sendKeys(file);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=unfit]')).toContain(sentence),
    );
  });

  it('shows a script in a name as text', async () => {
    const file = join(browser.downloads, 'script.upfell.json');
    const demo = JSON.parse(
      readFileSync(join(__dirname, '../demo/tansyfield-for-ines.upfell.json'), 'utf8'),
    ) as object;
    writeFileSync(file, JSON.stringify({ ...demo, name: '<img src=x onerror="document.title=1">' }));
    await browser.open(server.url);
    await browser.find('[data-testid=shelf]');
    await browser.driver.findElement(By.css('[data-testid=file]')).sendKeys(file);
    await browser.eventually(async () =>
      expect(await browser.text('h1')).toBe('<img src=x onerror="document.title=1">'),
    );
    expect(await browser.driver.getTitle()).toBe('Upfell');
  });
});

describe('everyone can use it', () => {
  it.each(['body', 'fabric', 'shape', 'table', 'rows', 'joins', 'pattern'])(
    'axe finds nothing serious in %s',
    async (step) => {
      await browser.open(design(step, 'demo-puddlestone-jumper'));
      await browser.find('[data-testid=saved]');
      await browser.driver.sleep(700);
      expect(await browser.faults()).toEqual([]);
    },
  );

  it('nor on the shelf, in an open drawer and in a dialog', async () => {
    await browser.open(server.url);
    await browser.find('[data-testid=shelf]');
    expect(await browser.faults()).toEqual([]);
    await browser.open(design('table', 'demo-puddlestone-jumper'));
    await browser.click('[data-quantity="sleeve.top"]');
    expect(await browser.faults()).toEqual([]);
    await browser.keys('?');
    await browser.find('[role=dialog]');
    await browser.driver.sleep(300);
    expect(await browser.faults()).toEqual([]);
  });
});
