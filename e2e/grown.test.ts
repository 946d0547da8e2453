import { By } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design, joins } = application();

describe('garments grown from their band', () => {
  it('lie on the table with the round that grows below front and back, each join agreed', async () => {
    await browser.open(design('owlbarrow-top', 'table'));
    await joins('split-back', 'split-front', 'shoulder-left', 'shoulder-right', 'hem');
    expect(await browser.faults()).toEqual([]);
  });

  it('say where the height stops them, and grow faster by one click', async () => {
    await browser.open(design('owlbarrow-top', 'shape'));
    const reach = await browser.find('[data-path="garment.sleeve.length"]');
    await reach.findElement(By.css('option[value="full"]')).click();
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer]')).toMatch(
        /The height leaves [\d.]+ cm to grow in, and [\d.]+ cm are wanted/,
      ),
    );
    await browser.press('Grow by 2 at each side');
    await browser.eventually(async () =>
      expect(await (await browser.find('[data-path="garment.sleeve.growBy"]')).getAttribute('value')).toBe(
        '2',
      ),
    );
    await browser.planned();
    await browser.saved();
    expect(await browser.faults()).toEqual([]);
  });

  it('are written in two ways to grow by turns, and proven', async () => {
    await browser.open(design('owlbarrow-top', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /The first way to grow: \*work \d V’s in place of the first one after the side marker[\s\S]+The second way to grow/,
      ),
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
    expect(await browser.faults()).toEqual([]);
  });
});

describe('a poncho of two rectangles', () => {
  it('lies on the table as both of them, and its edgings go round the neck and the points', async () => {
    await browser.open(design('larkmoor-poncho', 'table'));
    await joins('seam-first', 'seam-second', 'edging-neck', 'edging-hem');
    await browser.open(design('larkmoor-poncho', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(/of them in each of the 2 outer corners/),
    );
    expect(await browser.faults()).toEqual([]);
  });
});

describe('a jacket of two folded hexagons', () => {
  it('lies folded on the table with its rounds about the underarm, each join agreed', async () => {
    await browser.open(design('tarnhollow-jacket', 'table'));
    await joins(
      'shoulder-left',
      'shoulder-right',
      'centre-back',
      'armhole-left',
      'cuff-left',
      'edging-round',
    );
    expect(await (await browser.find('[data-testid=rounds]')).getAttribute('d')).toMatch(/^M/);
    expect(await browser.faults()).toEqual([]);
  });

  it('is spread out in rows, with the stitches of a side and the rows along three of them', async () => {
    await browser.open(design('tarnhollow-jacket', 'rows'));
    const drawing = await browser.find('[data-testid=motif-half-left]');
    expect(await drawing.getAttribute('aria-label')).toMatch(
      /^Left half spread out: \d+ rounds of 6 sides, and rows along some of them$/,
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('says where it is longer than wanted, opens its top for a hood, and is proven', async () => {
    await browser.open(design('tarnhollow-jacket', 'shape'));
    const corners = await browser.find('[data-path="garment.top.left"]');
    await corners.findElement(By.css('option[value="open"]')).click();
    await browser.click('[aria-label="Add: Hood"]');
    await browser.planned();
    await browser.saved();
    await browser.open(design('tarnhollow-jacket', 'joins'));
    await browser.eventually(async () => expect(await browser.text('main')).toContain('Hood to neck'));
    await browser.open(design('tarnhollow-jacket', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /Make a ring\.[\s\S]+beginning and ending by turns with 1 and with 3/,
      ),
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
    expect(await browser.faults()).toEqual([]);
  });
});

describe('a wrap of a rectangle', () => {
  it('lies on the table with its sleeves at the slits, and is proven', async () => {
    await browser.open(design('withercombe-wrap', 'table'));
    await joins('armhole-left', 'armhole-right', 'edging-neck');
    expect(await (await browser.find('[data-testid=slit]')).getAttribute('d')).toMatch(/^M/);
    await browser.open(design('withercombe-wrap', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /the left armhole: in pattern over the first/,
      ),
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
    expect(await browser.faults()).toEqual([]);
  });
});
