import { newDesign } from '@upfell/core';
import { Browser } from '../support/browser.js';

/** Milliseconds from the beginning of a visit to the shelf until its first entries are painted, each in a browser that has nothing of it yet. */
export async function firstVisits(url: string, many: number): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < many; i += 1) {
    const browser = new Browser();
    await browser.start();
    try {
      await browser.open(url);
      await browser.find('[data-testid=shelf] li');
      times.push(
        await browser.driver.executeScript<number>(
          'return performance.getEntriesByName("shelf shown")[0].startTime',
        ),
      );
    } finally {
      await browser.end();
    }
  }
  return times;
}

/** Milliseconds that a shelf of many designs takes from the moment that it is asked for to its entries being painted, in a page that is open. */
export async function shelfOfMany(address: string, many: number): Promise<number[]> {
  const design = newDesign('One of many');
  for (let i = 0; i < many; i += 1)
    await fetch(`${address}/api/designs`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ ...design, name: `One of many ${i}` }),
    });
  const browser = new Browser();
  await browser.start();
  try {
    const times: number[] = [];
    await browser.open(`${address}/charts`);
    for (let i = 0; i < 8; i += 1) {
      await browser.find('nav a[href="/"]');
      times.push(
        await browser.driver.executeAsyncScript<number>(`
          const done = arguments[arguments.length - 1];
          performance.clearMarks('shelf shown');
          const begun = performance.now();
          const look = () => {
            const [shown] = performance.getEntriesByName('shelf shown');
            if (shown) done(shown.startTime - begun);
            else setTimeout(look, 2);
          };
          document.querySelector('nav a[href="/"]').click();
          look();`),
      );
      await browser.driver.executeScript('document.querySelector("nav a[href=\\"/charts\\"]").click()');
    }
    return times;
  } finally {
    await browser.end();
  }
}
