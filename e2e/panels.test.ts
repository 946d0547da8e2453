import { Key } from 'selenium-webdriver';
import { application } from './support/application';

const { server, browser } = application();
const design = (name: string, step: string) => `${server.url}/designs/demo-${name}/${step}`;
const joins = async (...ids: string[]) => {
  for (const id of ids)
    expect(await (await browser.find(`[data-join=${id}]`)).getAttribute('aria-label')).toMatch(
      /agreed|eased/,
    );
};

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
    await joins('armband-left', 'armband-right', 'neckband');
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

  it('become another construction from a drawing, told what that gives up, and come back by undo', async () => {
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
});
