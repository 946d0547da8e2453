import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design } = application();
const tab = async (name: string) =>
  (
    await browser.driver.wait(until.elementLocated(By.xpath(`//*[@role="tab"][.="${name}"]`)), 10_000)
  ).click();
const downloaded = async (name: string) => {
  const file = join(browser.downloads, name);
  await browser.eventually(async () => expect(existsSync(file)).toBe(true), 30_000);
  return readFileSync(file);
};

describe('the finished pattern', () => {
  it('says that it has been worked through, and shows the pieces to scale', async () => {
    await browser.open(design('hollinwood-jumper', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toMatch(
        /^Worked through: [\d,]+ rows, [\d,]+ stitches, 9 sizes, no difference$/,
      ),
    );
    expect(await browser.text('[data-testid=schematic]')).toContain('Back: lower edge');
    expect(await browser.faults()).toEqual([]);
  });

  it('keeps the author’s sentence when the counts change', async () => {
    await browser.click('button[aria-label="Add your own words to Sleeve (make 2)"]');
    const field = await browser.find('textarea[aria-label="Your own words in Sleeve (make 2)"]');
    await field.sendKeys('Lay both sleeves together.');
    await (await browser.find('select')).sendKeys('at the beginning');
    await browser.keys(Key.ESCAPE);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /Sleeve \(make 2\)\s+Lay both sleeves together\./,
      ),
    );
    await browser.saved();
    await browser.open(design('hollinwood-jumper', 'shape'));
    await browser.type('[data-path="garment.ease"]', '16');
    await browser.saved();
    await browser.open(design('hollinwood-jumper', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toContain('Lay both sleeves together.'),
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
  });

  it('lists what has changed since a saved state', async () => {
    await browser.click('button[aria-label="Files and history"]');
    await browser.press('History …');
    const first = await browser.driver.wait(
      async () => (await browser.driver.findElements(By.xpath('//button[.="What changed"]'))).at(-1) ?? null,
      10_000,
    );
    await first!.click();
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=change-list]')).toMatch(/M, Back, width: \d+ → \d+/),
    );
    await browser.keys(Key.ESCAPE);
  });

  it('checks pasted rows for every size, and finds the first mistake', async () => {
    await browser.press('Check rows');
    const rows = await browser.find('textarea');
    const counts = (first: number) => Array.from({ length: 9 }, (_, i) => first + 2 * i);
    const row = (n: number, list: number[]) =>
      `Row ${n}: 2 hdc in first st, hdc in each st to end. (${list.join(', ')})`;
    await rows.sendKeys([row(1, counts(20)), row(2, counts(21))].join('\n'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=paste-result]')).toContain(
        '2 rows, 9 sizes: every count is right',
      ),
    );
    const wrong = counts(22);
    wrong[3]! += 1;
    await rows.sendKeys(`\n${row(3, wrong)}`);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=paste-result]')).toBe(
        'Row 3, size L (line 3): comes to 28 stitches, but says 29.',
      ),
    );
    expect(await browser.faults()).toEqual([]);
    await browser.keys(Key.ESCAPE);
  });

  it('comes as PDF, drawing, table and web page', async () => {
    await browser.press('Export');
    await browser.press('PDF, A4');
    const pdf = await downloaded('Hollinwood jumper.pdf');
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(pdf.length).toBeGreaterThan(20_000);
    await browser.press('Export');
    await browser.press('All counts (CSV)');
    expect((await downloaded('Hollinwood jumper.csv')).toString()).toMatch(
      /^count,name,fabric,counted in,XS,S,/,
    );
    await browser.press('Export');
    await browser.press('Schematic (SVG)');
    expect((await downloaded('Hollinwood jumper.svg')).toString()).toMatch(/^<svg /);
    await browser.press('Export');
    await browser.press('Web page (HTML)');
    expect((await downloaded('Hollinwood jumper.html')).toString()).toContain('Lay both sleeves together.');
  });
});

describe('putting it together', () => {
  it('changes the method of a seam, and the yarn with it', async () => {
    await browser.open(design('quernmoss-pullover', 'joins'));
    await browser.find('table');
    await tab('Yarn');
    const before = await browser.text('[data-testid=yarn-body]');
    await tab('Seams');
    await browser.press('Side seam, left');
    expect(await browser.text('[data-testid=seam]')).toMatch(/1\/4|the centre/);
    await (await browser.find('[data-path="finishing.methods.side-left"]')).sendKeys('slip stitch');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=seam]')).toContain('Right sides together'),
    );
    await tab('Yarn');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=yarn-body]')).not.toBe(before),
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('refuses an order that cannot be worked, with the reason, and takes one that can', async () => {
    await browser.open(design('hollinwood-jumper', 'joins'));
    await browser.find('table');
    await tab('Order of assembly');
    await browser.click('button[aria-label="Sides and sleeve seams earlier"]');
    expect(await browser.text('[role=alert]')).toContain('the sleeves are set in flat');
    await browser.click('button[aria-label="Neck later"]');
    await browser.eventually(async () => {
      const steps = await browser.driver.findElements(By.css('[data-step] h3'));
      expect(await Promise.all(steps.map((step) => step.getText()))).toEqual(
        expect.arrayContaining(['3. Sleeves', '4. Neck']),
      );
    });
    expect(await browser.faults()).toEqual([]);
  });

  it('places buttonholes and says when they do not fit', async () => {
    await browser.open(design('pippinmoor-baby-cardigan', 'joins'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=buttonholes]')).toMatch(/In row 3 of the band: 4 st, hole/),
    );
    await browser.type('[data-path="finishing.buttons.count"]', '30');
    await browser.eventually(async () =>
      expect(await browser.text('[aria-label=Buttonholes] [role=alert]')).toContain('do not fit'),
    );
    await browser.type('[data-path="finishing.buttons.count"]', '4');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=buttonholes]')).toMatch(/Centres at/),
    );
  });
});
