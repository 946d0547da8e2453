import { Key } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design, joins } = application();

describe('garments of panels', () => {
  it('lie on the table with two fronts, their ribs and bands, each join agreed', async () => {
    await browser.open(design('pippinmoor-baby-cardigan', 'table'));
    await joins(
      'shoulder-left',
      'armhole-right',
      'side-left',
      'hem-front-left',
      'hem-front-right',
      'neckband',
      'band-left',
    );
    await browser.open(design('hollinwood-jumper', 'table'));
    await joins('notch-left', 'notch-right', 'armhole-left');
    await browser.open(design('tolleyfield-vest', 'table'));
    await joins('armband-left', 'side-right', 'neckband');
    expect(await browser.faults()).toEqual([]);
  });

  it('open in front by one choice, and every count follows', async () => {
    await browser.open(design('brackenlow-pullover', 'shape'));
    await browser.press('M');
    const field = await browser.find('[data-path="garment.front.style"]');
    await field.sendKeys('open, overlapping');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain('Front, width of each'),
    );
    await browser.saved();
    await browser.open(design('brackenlow-pullover', 'pattern'));
    await browser.eventually(async () => expect(await browser.text('main')).toContain('Left front'));
    expect(await browser.text('main')).not.toMatch(/undefined|NaN/);
  });

  it('lie on the table as they are worked: caps set in, panels side to side, a tube with its straps', async () => {
    await browser.open(design('quernmoss-pullover', 'table'));
    await joins('shoulder-left', 'armhole-left', 'armhole-right', 'side-left', 'cuff-left', 'neckband');
    await browser.open(design('saltmere-vest', 'table'));
    await joins('shoulder-left', 'side-right', 'armband-left', 'hem-front-left', 'neckband');
    await browser.open(design('glasswort-tube', 'table'));
    await joins('back-seam', 'strap-front-left', 'strap-back-right', 'hem');
    expect(await browser.faults()).toEqual([]);
  });

  it('tell a cap as a table of turning points, and shape it by hand', async () => {
    await browser.open(design('quernmoss-pullover', 'pattern'));
    await browser.eventually(async () => expect(await browser.text('main')).toMatch(/Cap, short rows 2–\d+/));
    await browser.open(design('quernmoss-pullover', 'shape'));
    await browser.press('M');
    const worked = await browser.find('[data-path="garment.sleeve.worked"]');
    await worked.sendKeys('from the cuff up');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain('Sleeve cap, bound off at its base'),
    );
    const style = await browser.find('[data-path="garment.neck.style"]');
    await style.sendKeys('a boat');
    await browser.planned();
    expect(await browser.text('[data-testid=drawer]')).not.toContain('NaN');
    await browser.saved();
  });

  it.each([
    ['over-shoulders', 'Side seam'],
    ['two-halves', 'Band at the centre back, width'],
    ['side-to-side', 'rows from side to side'],
    ['rectangles', 'Back, width'],
    ['tube', 'Tube, all round'],
    ['side-grown', 'Rounds that grow'],
    ['poncho', 'Rectangle, width'],
    ['set-in', 'Armhole, curve of each'],
  ])('become a %s, and come back by undo', async (construction, count) => {
    await browser.open(design('puddlestone-jumper', 'shape'));
    const before = await browser.text('[data-path="garment.construction"]');
    await browser.click('[data-path="garment.construction"]');
    await (await browser.find(`[data-construction=${construction}]`)).click();
    await browser.eventually(async () => expect(await browser.text('[data-testid=drawer]')).toContain(count));
    await browser.planned();
    await browser.press('Pieces');
    await browser.eventually(async () =>
      expect((await browser.driver.findElements({ css: '[data-join]' })).length).toBeGreaterThan(1),
    );
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () =>
      expect(await browser.text('[data-path="garment.construction"]')).toBe(before),
    );
    await browser.saved();
  });

  it('become another construction from a drawing, which says what that gives up, and come back by undo', async () => {
    await browser.open(design('hollinwood-jumper', 'shape'));
    await browser.press('M');
    await browser.click('[data-path="garment.construction"]');
    const vest = await browser.find('[data-construction=vest]');
    expect(await vest.getText()).toContain('no use for the sleeves and the cuff rib');
    await vest.click();
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain('Armhole rib, height'),
    );
    expect(await browser.text('[data-testid=drawer]')).not.toContain('Sleeve');
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toContain('Sleeve, along its seam'),
    );
  });

  it('keep their labels apart and whole in small and usual windows, for babies and for 5X', async () => {
    for (const [width, height] of [
      [1024, 640],
      [1280, 800],
    ] as const) {
      await browser.resize(width, height);
      for (const [name, sizes] of [
        ['pippinmoor-baby-cardigan', ['3 months', '18 months']],
        ['wrenmoss-baby-pullover', ['18 months']],
        ['quernmoss-pullover', ['5X']],
        ['harrowmere-jumper', ['5X']],
      ] as const) {
        await browser.open(design(name, 'table'));
        for (const size of sizes) await browser.press(size);
        await browser.planned();
        await browser.eventually(async () => {
          const found = await labelsOnTable();
          expect([name, found.count > 8, found.faults]).toEqual([name, true, []]);
        });
      }
    }
    await browser.resize(1280, 800);
  });
});

/** Labels of the table that lie on another, or reach out of it, in px on the screen. */
function labelsOnTable(): Promise<{ count: number; faults: string[] }> {
  return browser.driver.executeScript(`
    const table = document.querySelector('[data-testid=table]').getBoundingClientRect();
    const labels = [...document.querySelectorAll('[data-testid=table] [data-label]')]
      .map((element) => [element.getAttribute('aria-label') || element.textContent, element.getBoundingClientRect()]);
    const hair = 0.5;
    return { count: labels.length, faults: labels.flatMap(([name, a], i) => [
      ...(a.left < table.left - hair || a.right > table.right + hair || a.top < table.top - hair || a.bottom > table.bottom + hair
        ? [name + ' is cut off'] : []),
      ...labels.slice(i + 1)
        .filter(([, b]) => a.left < b.right - hair && b.left < a.right - hair && a.top < b.bottom - hair && b.top < a.bottom - hair)
        .map(([other]) => name + ' lies on ' + other),
    ]) };`);
}
