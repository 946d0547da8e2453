import { By, Key, until } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design } = application();
const ROWS = '[data-testid=stitch-rows]';

/** Types over the whole of the field. */
async function rewrite(text: string): Promise<void> {
  const field = await browser.find(ROWS);
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text);
}

/** The written pattern of a design, once it is worked through without a difference. */
async function provenPattern(name: string): Promise<string> {
  await browser.open(design(name, 'pattern'));
  await browser.eventually(async () =>
    expect(await browser.text('[data-testid=proof]')).toMatch(/stitches, 9 sizes, no difference$/),
  );
  return browser.text('[data-testid=pattern]');
}

describe('a stitch pattern', () => {
  it('shows its rows, what follows from them, and its chart', async () => {
    await browser.open(design('tolleyfield-vest', 'fabric'));
    await browser.eventually(async () => {
      const follows = await browser.text('[data-testid=what-follows]');
      expect(follows).toMatch(/flat\s+a multiple of 3 plus 1/);
      expect(follows).toMatch(/foundation\s+3 k \+ 5 chains/);
      expect(follows).toMatch(/counted in\s+mesh spaces/);
    });
    const label = await (
      await browser.find('section[aria-label=Chart] svg[role=img]')
    ).getAttribute('aria-label');
    expect(label).toContain('row 2: ch 5 (counts as dc, ch 2)');
    expect(await browser.faults()).toEqual([]);
  });

  it('says at the word what is wrong, loses nothing, and keeps the last good chart in sight', async () => {
    await rewrite(
      'Row 1: dc in 8th ch from hook, *ch 2, sk 2 ch, dc in next ch; rep from * to end; turn.\nRow 2: ch 5 (counts as dc, ch 2), sk first ch-3 sp, dc in next dc, *ch 2, sk next ch-2 sp, dc in next dc; rep from * to end; turn.\nRepeat row 2.',
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=stitch-faults]')).toMatch(
        /Line 2, “sk first ch-3 sp”\s+The next space is one of 2 chains/,
      ),
    );
    expect(await (await browser.find(ROWS)).getAttribute('aria-invalid')).toBe('true');
    expect(await browser.text('section[aria-label=Chart]')).toContain('last version without a fault');
    await browser.saved();
    // Leaving and coming back, the text is as it was typed.
    await browser.open(design('tolleyfield-vest', 'fabric'));
    await browser.eventually(async () =>
      expect(await (await browser.find(ROWS)).getAttribute('value')).toContain('sk first ch-3 sp'),
    );
  });

  it('moves the garment with its rows: shells in place of mesh', async () => {
    await rewrite(
      'Row 1 (RS): sc in 2nd ch from hook, *sk 2 ch, 5 dc in next ch, sk 2 ch, sc in next ch; rep from * to end; turn.\nRow 2: ch 3 (counts as dc), 2 dc in first sc, sk 2 dc, sc in next dc, *sk 2 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to last 3 sts, sk 2 dc, 3 dc in last sc; turn.\nRow 3: ch 1, sc in first dc, *sk 2 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to end; turn.\nRepeat rows 2 and 3.',
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=what-follows]')).toMatch(/flat\s+a multiple of 6 plus 1/),
    );
    await browser.saved();
    await browser.planned();
    const text = await provenPattern('tolleyfield-vest');
    expect(text).toMatch(
      /Row 1 \(RS\): sc in the 2nd ch from the hook, \*sk the next 2 ch, 5 dc in the next ch/,
    );
    expect(text).toMatch(/\(\d+ \([\d, ]+\) shells, \d+ \([\d, ]+\) sts\)/);
    await browser.find('[data-testid=pattern-chart] svg');
  });

  it('keeps plain edge stitches outside a pattern, told and worked through', async () => {
    await browser.open(design('tolleyfield-vest', 'fabric'));
    await browser.find('[data-testid=what-follows]');
    await browser.driver.executeScript(
      'document.querySelectorAll("details").forEach((one) => (one.open = true))',
    );
    await browser.type('[data-path$=".edgeStitches"]', '3');
    await browser.keys(Key.TAB);
    await browser.saved();
    await browser.planned();
    const text = await provenPattern('tolleyfield-vest');
    expect(text).toContain('Keep 3 sts at each edge of pieces worked in rows in plain');
    expect(text).toMatch(/with 3 plain \w+ at the right edge and 3 at the left/);
    // The symbols of the chart are explained below it.
    const chart = await browser.find('[data-testid=pattern-chart] svg');
    expect(await chart.getText()).toContain('dc: double crochet');
  });

  it('works a yoke in its pattern, and the body below it in another', async () => {
    await browser.open(design('sedgecombe-cardigan', 'fabric'));
    await browser.find(ROWS);
    await rewrite(
      'Row 1: dc in 8th ch from hook, *ch 2, sk 2 ch, dc in next ch; rep from * to end; turn.\nRow 2: ch 5, sk next ch-2 sp, dc in next dc, *ch 2, sk next ch-2 sp, dc in next dc; rep from * to end; turn.\nRepeat row 2.',
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=what-follows]')).toMatch(/flat\s+a multiple of 3 plus 1/),
    );
    await browser.saved();
    await browser.planned();
    expect(await provenPattern('sedgecombe-cardigan')).toMatch(
      /The last of these rows has:\s+from the right edge\s+XS[\s\S]+\s1st repeats\s+\d/,
    );
    await browser.open(design('sedgecombe-cardigan', 'shape'));
    const field = await browser.driver.wait(
      until.elementLocated(By.xpath('//label[contains(., "Fabric of the body")]//select')),
      10_000,
    );
    await field.findElement(By.xpath('.//option[contains(., "Back-loop rib")]')).click();
    await browser.press('Take it');
    await browser.saved();
    await browser.planned();
    await browser.open(design('sedgecombe-cardigan', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(/Row 2: change to Back-loop rib/),
    );
  });

  it('puts in a stitch by its keys, and takes an edit back', async () => {
    await browser.open(design('saltmere-vest', 'fabric'));
    await browser.find('[data-testid=what-follows]');
    const field = await browser.find(ROWS);
    const before = await field.getAttribute('value');
    await field.sendKeys(Key.chord(Key.CONTROL, Key.END), Key.chord(Key.ALT, 'n'));
    await browser.eventually(async () =>
      expect(await (await browser.find(ROWS)).getAttribute('value')).toBe(`${before}\nRow `),
    );
    await browser.saved();
    await browser.click('button[aria-label^="Undo"]');
    await browser.eventually(async () =>
      expect(await (await browser.find(ROWS)).getAttribute('value')).toBe(before),
    );
  });

  it('needs no wider window than 1024', async () => {
    await browser.resize(1024, 640);
    await browser.open(design('glasswort-tube', 'fabric'));
    await browser.find('[data-testid=what-follows]');
    const wide = await browser.driver.executeScript(
      'return [...document.querySelectorAll("[role=tabpanel]")].every((one) => one.scrollWidth <= one.clientWidth + 1)',
    );
    expect(wide).toBe(true);
    await browser.resize(1280, 800);
  });
});
