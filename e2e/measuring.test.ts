import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { application } from './support/application';

const { server, browser } = application();
const design = (step: string, id = 'demo-brackenlow-pullover') => `${server.url}/designs/${id}/${step}`;
const cell = (name: string) => browser.text(`[data-cell="${name}"]`);
const planned = (id: string) => browser.text(`[data-count-row="${id}"]`);
const tab = (name: string) =>
  browser.driver.findElement(By.xpath(`//*[@role="tab"][starts-with(normalize-space(), "${name}")]`)).click();
/** Pastes text into the table of sizes, as from a spreadsheet. */
const paste = (text: string) =>
  browser.driver.executeScript(
    `const data = new DataTransfer(); data.setData('text/plain', arguments[0]);
     document.querySelector('[role=grid]').dispatchEvent(
       new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));`,
    text,
  );
const giveFile = (css: string, name: string, text: string) => {
  const file = join(browser.downloads, name);
  writeFileSync(file, text);
  return browser.driver.findElement(By.css(css)).sendKeys(file);
};

describe('the table of sizes', () => {
  it('takes a pasted block as one edit, tells a bad cell at its place, and undoes it', async () => {
    await browser.open(design('body'));
    await browser.click('[data-cell="neck M"]');
    await paste('36,5\t38\n56\t57 1/2\n');
    await browser.eventually(async () =>
      expect([await cell('neck M'), await cell('neck L'), await cell('head L')]).toEqual([
        '36.5',
        '38',
        '57.5',
      ]),
    );
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () =>
      expect([await cell('neck M'), await cell('head L')]).toEqual(['36', '56.5']),
    );
    await browser.click('[data-cell="neck M"]');
    await paste('37\twide');
    await browser.eventually(async () => expect(await cell('neck L')).toBe('wide'));
    expect([await cell('neck M'), await browser.text('[data-testid=old-plan]')]).toEqual([
      '37',
      expect.stringContaining('is not a length'),
    ]);
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await cell('neck L')).toBe('37.5'));
    await browser.chord(Key.CONTROL, 'z');
    await browser.saved();
  });

  it('moves by arrows, lights the place on the figure, fills by a step, and turns round', async () => {
    await browser.open(design('body'));
    await browser.click('[data-cell="wrist XS"]');
    await browser.keys(Key.ARROW_DOWN);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain('over the bent elbow to the wrist bone'),
    );
    await browser.keys(Key.ARROW_UP);
    await browser.press('Fill');
    await browser.type('[aria-label="Fill a measurement"] input', '0.5');
    await browser.click('[aria-label="Fill a measurement"] button[type=submit]');
    await browser.eventually(async () =>
      expect([await cell('wrist XS'), await cell('wrist S'), await cell('wrist 5X')]).toEqual([
        '14.2',
        '14.7',
        '18.2',
      ]),
    );
    await browser.press('down');
    await browser.eventually(async () => expect(await cell('S wrist')).toBe('14.7'));
    await browser.press('across');
    await (await browser.find('[role=grid]')).click();
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await cell('wrist 5X')).toBe('19.2'));
    await browser.saved();
  });
});

describe('charts', () => {
  it('a design takes one, differs from it and sees where, and goes back', async () => {
    await browser.open(design('body', 'demo-tansyfield-for-ines'));
    await browser.find('[role=grid]');
    await tab('Chart');
    await browser.driver.findElement(By.css('[aria-label=Charts] option[value=standard-men]')).click();
    await browser.press('Take these 5 sizes');
    await browser.eventually(async () =>
      expect(await browser.text('[aria-label="The chart of this design"]')).toContain(
        'Every figure is as in the chart',
      ),
    );
    await tab('Sizes');
    await browser.click('[data-cell="bust M"]');
    await browser.keys(...'41', Key.ENTER);
    await tab('Chart');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=chart-differences]')).toMatch(/M\s+Bust or chest\s+39\s+41/),
    );
    await browser.press('All as the chart');
    await browser.eventually(async () =>
      expect(await browser.text('[aria-label="The chart of this design"]')).toContain(
        'Every figure is as in the chart',
      ),
    );
    await browser.saved();
  });

  it('are kept from a design, and a design keeps its copy when one is put away', async () => {
    await browser.open(design('body', 'demo-tansyfield-for-ines'));
    await browser.find('[role=grid]');
    await tab('Chart');
    await browser.press('Keep these sizes as a chart …');
    await browser.type('[role=dialog] input', 'Studio men');
    await browser.press('Keep');
    await browser.eventually(async () =>
      expect(await browser.text('[aria-label="The chart of this design"]')).toContain('From “Studio men”'),
    );
    await browser.saved();
    await browser.open(`${server.url}/charts`);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=library]')).toMatch(
        /Studio men\s+5 sizes, S to XXL .* in 1 design/,
      ),
    );
    expect(await browser.faults()).toEqual([]);
    await browser.click('[aria-label="Delete Studio men"]');
    await browser.eventually(async () =>
      expect(await browser.text('[data-sonner-toast]')).toContain('1 design keeps its own copy'),
    );
    await browser.open(design('body', 'demo-tansyfield-for-ines'));
    await browser.find('[role=grid]');
    await tab('Chart');
    await browser.eventually(async () =>
      expect(await browser.text('[aria-label="The chart of this design"]')).toContain('keeps its own copy'),
    );
  });

  it('come in from CSV: columns matched, errors by row and column, nothing half taken; and go out again', async () => {
    await browser.open(`${server.url}/charts`);
    await browser.press('Read a CSV …');
    await giveFile(
      '[data-testid=csv]',
      'Broken range.csv',
      'Size;Chest (cm);Hips;Colour\nA;90,5;98;red\nB;wide;104;blue\n',
    );
    await browser.press('Keep as a chart');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=table-problems]')).toContain('row 3, column 2'),
    );
    await giveFile(
      '[data-testid=csv]',
      'Studio range.csv',
      'Size;Chest (cm);Hips;Colour\nA;90,5;98;red\nB;100;41 in;blue\n',
    );
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[data-testid=table-problems]'))).toHaveLength(0),
    );
    await browser.press('Keep as a chart');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=library]')).toContain('Studio range'),
    );
    await browser.driver
      .findElement(By.xpath('//*[@data-testid="library"]//button[normalize-space()="CSV"]'))
      .click();
    const file = join(browser.downloads, 'Studio range (1).csv');
    await browser.eventually(async () => expect(existsSync(file)).toBe(true));
    expect(readFileSync(file, 'utf8')).toBe(
      'Size,Group,Bust or chest (cm),Hip (cm)\r\nA,adult,90.5,98\r\nB,adult,100,104.14\r\n',
    );
  });
});

it('finds the nearest size of a measured person, and what to change', async () => {
  await browser.open(design('body'));
  await browser.find('[role=grid]');
  await tab('People');
  await browser.press('Measure a person');
  await browser.type('[data-path$=".readings.bust.0"]', '93');
  await browser.type('[data-path$=".readings.bust.1"]', '95');
  await browser.type('[data-path$=".readings.upperArm.0"]', '35');
  await browser.eventually(async () =>
    expect(await browser.text('[data-testid=nearest]')).toMatch(
      /Nearest: size M[\s\S]*bust is 1.0 cm larger[\s\S]*Upper arm round\s+29.5 cm\s+35.0 cm\s+\+5.5 cm/,
    ),
  );
  expect(await browser.faults()).toEqual([]);
  await browser.press('Add “M for Person 1” with these changed');
  await tab('Sizes');
  await browser.eventually(async () => expect(await browser.text('[role=grid]')).toContain('M for Person 1'));
  await browser.saved();
});

it('shows the steps of the range at a glance, the odd ones marked', async () => {
  await browser.open(design('body', 'demo-puddlestone-jumper'));
  await browser.click('[data-cell="hip 6 years"]');
  await browser.keys(...'55', Key.ENTER);
  await tab('Grading');
  await browser.eventually(async () =>
    expect(await browser.text('[data-testid=odd-steps]')).toMatch(/Hip falls from 4 years to 6 years/),
  );
  expect(await browser.faults()).toEqual([]);
  await browser.chord(Key.CONTROL, 'z');
  await browser.saved();
});

describe('ease and fabric', () => {
  it('an ease moves on its scale and changes to a share; the garment lies over the body', async () => {
    await browser.open(design('shape', 'demo-puddlestone-jumper'));
    await browser.find('[data-testid=worn-front] path');
    await (
      await browser.find('[aria-label="Ease on the scale of classes"]')
    ).sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=ease-class]')).toBe('+11.0 cm: loose'),
    );
    await browser.click('[aria-label="Ease, all round: give it in per cent"]');
    await browser.eventually(async () =>
      expect(await (await browser.find('[data-path="garment.ease"]')).getAttribute('value')).toBe('18.03'),
    );
    expect(await browser.text('[data-testid=sits]')).toMatch(/Bust 61.0 7\d/);
    await browser.saved();
  });

  it('shows what another fabric changes before it is taken', async () => {
    await browser.open(design('fabric', 'demo-puddlestone-jumper'));
    const before = await planned('back.width');
    await browser.press('This fabric');
    await browser.press('Take another in its place …');
    await browser.press('Mesh of 2 chains');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=before-after]')).toMatch(/Back, width\s+\d+ → \d+/),
    );
    expect(await browser.faults()).toEqual([]);
    await browser.press('Leave it');
    expect(await planned('back.width')).toBe(before);
    await browser.press('This fabric');
    await browser.press('Take another in its place …');
    await browser.press('Mesh of 2 chains');
    await browser.press('Take it');
    await browser.eventually(async () => expect(await planned('back.width')).not.toBe(before));
    expect(await browser.text('section[aria-label="Mesh of 2 chains"]')).toContain('usual figure');
    await browser.saved();
  });

  it('averages readings and says what their spread means; refuses a second fabric of one name', async () => {
    await browser.open(design('fabric'));
    await browser.press('Another reading');
    await browser.type('[data-path="fabrics[0].readings[1].stitches"]', '25');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=spread]')).toMatch(
        /16.0 to 16.7 stitches in 10 cm: over the widest piece/,
      ),
    );
    await browser.type('[data-path="fabrics[0].readings[1].rows"]', '0');
    await browser.eventually(async () =>
      expect(await browser.text('[role=alert]')).toContain('it can be 0.5 to 500'),
    );
    await (await browser.find('[data-path="fabrics[0].readings[1].rows"]')).sendKeys(Key.ESCAPE);
    await browser.type('[data-path="fabrics[0].name"]', 'Back-loop rib, 4 mm');
    await browser.eventually(async () =>
      expect(await browser.text('[role=alert]')).toContain('Another fabric of this design is called'),
    );
    await (await browser.find('[data-path="fabrics[0].name"]')).sendKeys(Key.ESCAPE);
    await browser.saved();
  });

  it('tests a count, begins a swatch, and checks the gauge of the work', async () => {
    await browser.open(design('fabric', 'demo-wrenmoss-baby-pullover'));
    await browser.find('[data-testid=what-follows]');
    await tab('Rule tester');
    await browser.type('[data-testid=rule-count]', '61');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=rule-verdicts]')).toMatch(
        /Flat, stitches\s+(works|does not work)/,
      ),
    );
    expect(await browser.faults()).toEqual([]);
    await tab('Swatch');
    expect(await browser.text('[data-testid=swatch-steps]')).toMatch(/Chain \d+ for \d+ stitches/);
    expect(await browser.faults()).toEqual([]);
    await tab('Gauge check');
    const fields = await browser.driver.findElements(By.css('[data-state=active] label input'));
    // What is usually counted over stands there already.
    await fields[0]!.sendKeys('20');
    await fields[2]!.sendKeys('12');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=gauge-effect]')).toMatch(/will be[\s\S]*Back, width/),
    );
    expect(await browser.faults()).toEqual([]);
  });
});

it('drops a reading of the simulated tape and scale into the field that has the focus', async () => {
  await browser.open(design('body', 'demo-wrenmoss-baby-pullover'));
  await browser.find('[role=grid]');
  await browser.click('[aria-label="Files and history"]');
  await browser.press('Tape and scale');
  await browser.eventually(async () =>
    expect(await (await browser.find('[data-testid=stream]')).getAttribute('data-state')).toBe('open'),
  );
  const designTab = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().newWindow('tab');
  await browser.open(`${server.url}/instruments`);
  expect(await browser.faults()).toEqual([]);
  const instruments = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().window(designTab);
  const first = await browser.driver.findElement(By.css('[data-cell^="height "]')).getAttribute('data-cell');
  await browser.click(`[data-cell="${first}"]`);
  await browser.driver.switchTo().window(instruments);
  await (await browser.find('[aria-label="Tape reading"]')).sendKeys(Key.ARROW_LEFT);
  await browser.driver
    .findElement(By.xpath('//section[@aria-label="Tape"]//button[normalize-space()="Send"]'))
    .click();
  await browser.eventually(async () =>
    expect(await browser.text('section[aria-label=Tape] [role=status]')).toBe('Sent 95.9 cm.'),
  );
  await browser.driver.switchTo().window(designTab);
  await browser.eventually(async () => expect(await cell(first!)).toBe('95.9'));
  await browser.saved();
});
