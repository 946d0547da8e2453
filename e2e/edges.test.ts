import { By, until } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design } = application();
/** The button that adds or leaves out a part of the garment, by the part's heading. */
const partButton = (title: string) =>
  browser.driver.findElement(By.xpath(`//h3[starts-with(., "${title}")][1]/button`));
const choose = async (path: string, value: string) => {
  const field = await browser.find(`[data-path="${path}"]`);
  await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field);
  await field.findElement(By.css(`option[value="${value}"]`)).click();
};

describe('edges as makers work them', () => {
  it('are picked up round an open edge: added in the form, drawn on the table, told and proven in the pattern', async () => {
    await browser.open(design('brackenlow-pullover', 'shape'));
    await browser.find('[data-path="garment.ease"]');
    const add = await partButton('Neck edging');
    await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', add);
    await add.click();
    await browser.type('[data-path="garment.border.neck.rounds"]', '3');
    await choose('garment.border.neck.worked', 'spiral');
    await browser.saved();
    await browser.open(design('brackenlow-pullover', 'table'));
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[data-testid=edging]'))).not.toHaveLength(0),
    );
    await browser.open(design('brackenlow-pullover', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /Neck edging\s+Worked on at “Neck” in Joining[\s\S]+Rnd 1 \(RS\): pick up and work [\s\S]+ evenly along the neck; go on/,
      ),
    );
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=proof]')).toContain('no difference'),
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('say what is wrong where an edging has no place, and lose nothing', async () => {
    await browser.open(design('brackenlow-pullover', 'shape'));
    await browser.find('[data-path="garment.ease"]');
    const add = await partButton('Front edging');
    await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', add);
    await add.click();
    await browser.eventually(async () =>
      expect(await browser.text('body')).toContain('Front edging: it is left out. The front is closed.'),
    );
    await browser.type('[data-path="garment.border.front.rounds"]', '0');
    await browser.eventually(async () =>
      expect(await browser.text('body')).toMatch(
        /rounds of the front edging .*between 1 and 40|1 to 40|at least 1/i,
      ),
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('lead what grows from a rib that is worked first', async () => {
    await browser.open(design('hobbersley-pullover', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toMatch(
        /Back\s+[\s\S]*pick up and work [\s\S]+ evenly along the hem rib, 1 in each row end/,
      ),
    );
    await browser.open(design('hobbersley-pullover', 'shape'));
    await choose('garment.hem.worked', 'sideways');
    await browser.saved();
    await browser.open(design('hobbersley-pullover', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=pattern]')).toContain('rows of rib along'),
    );
    expect(await browser.faults()).toEqual([]);
  });

  it('are told in the order of assembly, touches included', async () => {
    await browser.open(design('cattersedge-cardigan', 'shape'));
    await choose('garment.border.backNeck', 'true');
    await browser.saved();
    await browser.open(design('cattersedge-cardigan', 'joins'));
    const assembly = await browser.driver.wait(
      until.elementLocated(By.xpath('//*[@role="tab"][.="Order of assembly"]')),
      10_000,
    );
    await assembly.click();
    await browser.eventually(async () => {
      const steps = await browser.text('main, body');
      expect(steps).toContain('Work the border round fronts, neck and lower edge in one.');
      expect(steps).toContain('Back neck, on the inside:');
    });
    expect(await browser.faults()).toEqual([]);
  });
});
