import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { unzipSync, strFromU8 } from 'fflate';
import { By, Key } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design } = application();
const written = () => browser.text('[data-testid=pattern]');
const openPattern = async (name: string) => {
  await browser.open(design(name, 'pattern'));
  await browser.eventually(async () => expect(await written()).toContain('About'));
};
const choose = async (label: string, way: string) =>
  (await browser.find(`select[aria-label="${label}"]`)).sendKeys(way);
const proven = () =>
  browser.eventually(async () =>
    expect(await browser.text('[data-testid=proof]')).toMatch(/^Worked through: .+ no difference$/),
  );

describe('the style of the house', () => {
  it('is kept with the studio, and a design may have its own; the text is proven in it', async () => {
    await browser.open(design('brackenlow-pullover', 'pattern'));
    await proven();
    expect(await written()).toMatch(/Ch 74 \(80, /);
    await browser.press('Style');
    await choose('Figures of several sizes, the studio', '72/78/86');
    await choose('Stitches, this design', 'stitch, stitches');
    await choose('Names of stitches, the studio', 'UK');
    await browser.keys(Key.ESCAPE);
    await browser.eventually(async () => expect(await written()).toMatch(/Ch 74\/80\//));
    expect(await written()).toContain('htr in each stitch');
    await proven();
    await browser.saved();
    // Another design of the studio has its figures so too, but not the words.
    await browser.open(design('hollinwood-jumper', 'pattern'));
    await browser.eventually(async () => expect(await written()).toMatch(/Ch \d+\/\d+\//));
    expect(await written()).toContain('htr in each st;');
    await proven();
    // The bar's switch is a look at it in the other terms.
    await browser.press('US');
    await browser.eventually(async () => expect(await written()).toContain('hdc in each st;'));
    await browser.press('Style');
    await choose('Figures of several sizes, the studio', '72 (78, 86)');
    await choose('Names of stitches, the studio', 'US');
    await browser.keys(Key.ESCAPE);
    await browser.eventually(async () => expect(await written()).toMatch(/Ch \d+ \(\d+, /));
    expect(await browser.faults()).toEqual([]);
  });
});

describe('the photograph of the sample', () => {
  it('is added, there after a reload, and taken away; what is no picture is refused in words', async () => {
    await browser.open(design('brackenlow-pullover', 'pattern'));
    const png = join(browser.downloads, 'sample.png');
    // One red pixel.
    writeFileSync(
      png,
      Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8DwHwAFBQIAX8jx0gAAAABJRU5ErkJggg==',
        'base64',
      ),
    );
    const input = () => browser.driver.findElement(By.css('input[aria-label="Photograph of the sample"]'));
    await browser.eventually(async () => expect(await written()).toContain('About'));
    await (await input()).sendKeys(png);
    await browser.find('img[alt="The sample"]');
    await browser.open(design('brackenlow-pullover', 'pattern'));
    await browser.find('img[alt="The sample"]');
    const text = join(browser.downloads, 'notes.jpg');
    writeFileSync(text, 'no picture');
    await (await input()).sendKeys(text);
    await browser.eventually(async () =>
      expect(await browser.text('body')).toContain('cannot be read as a picture'),
    );
    await browser.click('button[aria-label="Take the photograph away"]');
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('img[alt="The sample"]'))).toEqual([]),
    );
    expect(await browser.faults()).toEqual([]);
  });
});

describe('the pattern for stores', () => {
  it('comes as one zip: PDFs in both units and terms, text, drawings, counts and measurements', async () => {
    await openPattern('tansyfield-for-ines');
    await browser.press('Export');
    await browser.press('For stores: all PDFs, drawings and tables (zip)');
    await browser.find('[data-testid=pdf-progress]');
    const file = join(browser.downloads, 'Tansyfield pullover for Ines.zip');
    await browser.eventually(async () => expect(existsSync(file)).toBe(true), 60_000);
    const files = unzipSync(readFileSync(file));
    const names = Object.keys(files);
    for (const terms of ['US', 'UK'])
      for (const units of ['cm', 'in']) {
        const pdf = files[`Tansyfield pullover for Ines ${terms} ${units}.pdf`]!;
        expect(strFromU8(pdf.slice(0, 5))).toBe('%PDF-');
        expect(names).toContain(`text/Tansyfield pullover for Ines ${terms} ${units}.md`);
      }
    expect(strFromU8(files['schematic cm.svg']!)).toMatch(/^<svg /);
    expect(strFromU8(files['counts.csv']!)).toMatch(/^count,name,/);
    expect(strFromU8(files['finished measurements in.csv']!)).toMatch(/^"?finished, in/);
    expect(await browser.faults()).toEqual([]);
  });

  it('can be stopped, and then saves nothing', async () => {
    await openPattern('hollinwood-jumper');
    await browser.press('Export');
    await browser.press('For testers: the same, and a PDF for each size (zip)');
    await browser.press('Stop');
    await browser.eventually(async () => expect(await browser.text('body')).toContain('The zip was stopped'));
    expect(existsSync(join(browser.downloads, 'Hollinwood jumper.zip'))).toBe(false);
  });
});

describe('changes of a pattern', () => {
  it('are told in its own words, for makers of the older state', async () => {
    await browser.open(design('brackenlow-pullover', 'shape'));
    await browser.type('[data-path="garment.ease"]', '18');
    await browser.saved();
    await browser.click('button[aria-label="Files and history"]');
    await browser.press('History …');
    const buttons = By.xpath('//button[.="In the pattern’s words"]');
    const first = await browser.driver.wait(
      async () => (await browser.driver.findElements(buttons)).at(-1) ?? null,
      10_000,
    );
    await first!.click();
    await browser.eventually(async () => {
      const text = await browser.text('[data-testid=errata]');
      expect(text).toMatch(/Back\n- “Ch 74 .*” becomes “Ch \d+ /);
      expect(text).toMatch(/Proof: [\d,]+ rows of 9 sizes worked through .* no difference/);
    });
    expect(await browser.faults()).toEqual([]);
  });
});
