import { application } from './support/application';

const { server, browser, design } = application();

const PAPERS = ['light', 'dark'] as const;
/** Chooses the paper as a person's earlier visit would have left it. */
const paper = async (which: (typeof PAPERS)[number]) => {
  await browser.open(server.url);
  await browser.find('[data-testid=shelf]');
  await browser.driver.executeScript(
    `localStorage.setItem('upfell:view', JSON.stringify({ state: { hidden: [], sizesAcross: true, listening: false, sides: { panel: null, drawer: null }, look: { paper: ${JSON.stringify(which)}, contrast: 'usual', text: 'usual' } }, version: 1 }))`,
  );
};
const wider = () =>
  browser.driver.executeScript<number>('return document.documentElement.scrollWidth - window.innerWidth');

type Screen = readonly [name: string, open: () => Promise<unknown>];
const step = (name: string, at: string, wait: string): Screen => [
  `${name}, ${at}`,
  async () => {
    await browser.open(design(name, at));
    await browser.find(wait);
  },
];
const tab = (of: Screen, words: string, wait: string): Screen => [
  `${of[0]}, ${words}`,
  async () => {
    await of[1]();
    await browser.press(words);
    await browser.find(wait);
  },
];
const page = (path: string, wait: string): Screen => [
  path,
  async () => {
    await browser.open(`${server.url}${path}`);
    await browser.find(wait);
  },
];
const body = step('brackenlow-pullover', 'body', '[data-cell]');
const fabric = step('brackenlow-pullover', 'fabric', '[data-path]');
const joins = step('brackenlow-pullover', 'joins', 'table');
const SCREENS: readonly Screen[] = [
  page('/', '[data-testid=shelf]'),
  page('/new', '[aria-label="What it comes to"] img'),
  page('/learn', '[data-testid=learn-seam]'),
  page('/glossary', '[data-testid=glossary] svg'),
  page('/charts', 'main'),
  page('/fabrics', 'main'),
  body,
  tab(body, 'Whom it fits', '[data-testid=cloud-hip]'),
  tab(body, 'Grading', 'svg'),
  fabric,
  tab(fabric, 'Gauge check', '[data-testid=swatch-figure]'),
  tab(fabric, 'Swatch', '[data-testid=swatch-steps]'),
  step('brackenlow-pullover', 'shape', '[data-testid=worn-front]'),
  step('marlbank-pullover', 'shape', '[data-testid=yoke]'),
  step('willowgarth-jacket', 'map', 'svg'),
  step('brackenlow-pullover', 'table', '[data-join]'),
  step('brackenlow-pullover', 'rows', '[data-piece] svg'),
  joins,
  tab(joins, 'Order of assembly', 'main ol, main svg'),
  tab(joins, 'Yarn', '[data-testid=yarn-body]'),
  step('brackenlow-pullover', 'pattern', '[data-testid=pattern]'),
  step('brackenlow-pullover', 'makings', 'main'),
];

const shape = step('brackenlow-pullover', 'shape', '[data-testid=worn-front]');
const written = step('brackenlow-pullover', 'pattern', '[data-testid=pattern]');
const shelf = page('/', '[data-testid=shelf]');
/** Opens a menu, and takes what it says. */
const fromMenu = (menu: () => Promise<unknown>, words: string) => async () => {
  await menu();
  await browser.press(words);
};
const files = () => browser.click('[aria-label="Files and history"]');
const DIALOGS: readonly (readonly [name: string, on: Screen, open: () => Promise<unknown>])[] = [
  ['constructions', shape, () => browser.click('[data-path="garment.construction"]')],
  ['keys', shape, () => browser.click('[aria-label="Keyboard shortcuts"]')],
  ['finding', shape, () => browser.click('[aria-label="Find by name"]')],
  ['the look', shape, fromMenu(files, 'Look: paper, contrast, text …')],
  ['history', shape, fromMenu(files, 'History …')],
  ['the bin', shelf, () => browser.press('Bin')],
  ['a name', shelf, () => browser.click('[aria-label^="Rename "]')],
  ['the style of the house', written, () => browser.press('Style')],
  ['rows to be checked', written, () => browser.press('Check rows')],
  [
    'fabrics to pick from',
    fabric,
    fromMenu(() => browser.press('This fabric'), 'Take another in its place …'),
  ],
  [
    'a table of sizes',
    tab(body, 'Chart', '[aria-label="Take a chart"]'),
    () => browser.press('Read a CSV …'),
  ],
];

describe.each(PAPERS)('on %s paper', (which) => {
  beforeAll(() => paper(which));

  it.each(SCREENS)('axe finds nothing serious in %s', async (_, open) => {
    await open();
    expect(
      await browser.driver.executeScript('return document.documentElement.dataset.paper ?? "light"'),
    ).toBe(which);
    await browser.driver.sleep(300);
    expect(await browser.faults()).toEqual([]);
  });

  it.each(DIALOGS)(
    'axe finds nothing serious in the dialog of %s, and the keyboard comes back from it',
    async (_, screen, open) => {
      await screen[1]();
      await open();
      await browser.find('[role=dialog]');
      await browser.driver.sleep(300);
      expect(await browser.faults()).toEqual([]);
      await browser.click('[role=dialog] [aria-label=Close]');
      await browser.eventually(async () =>
        expect(await browser.driver.executeScript('return document.activeElement !== document.body')).toBe(
          true,
        ),
      );
    },
  );
});

describe.each([
  [1024, 640],
  [1920, 1080],
])('at %d × %d', (width, height) => {
  beforeAll(async () => {
    await paper('light');
    await browser.resize(width, height);
  });

  it.each(SCREENS)('nothing is wider than the page in %s', async (_, open) => {
    await open();
    expect(await wider()).toBeLessThanOrEqual(0);
  });

  it('a yoke has room for its drawing, with its panel beside it', async () => {
    await browser.open(design('marlbank-pullover', 'shape'));
    const { width: drawn, height: tall } = await (await browser.find('[data-testid=yoke-above]')).getRect();
    expect(drawn).toBeGreaterThan(260);
    expect(tall).toBeGreaterThan(240);
  });
});

it.each(['/', '/new', '/learn', '/glossary'])('reads on a phone: %s', async (path) => {
  await browser.phone(390, 844);
  await browser.open(`${server.url}${path}`);
  await browser.find('main');
  await browser.driver.sleep(500);
  expect(await wider()).toBeLessThanOrEqual(0);
  expect(await browser.faults()).toEqual([]);
});

it('reads a pattern and a garment on a phone', async () => {
  await browser.phone(390, 844);
  for (const [at, wait] of [
    ['pattern', '[data-testid=pattern]'],
    ['shape', '[data-testid=worn-front]'],
  ] as const) {
    await browser.open(design('brackenlow-pullover', at));
    await browser.find(wait);
    expect(await wider()).toBeLessThanOrEqual(0);
  }
});
