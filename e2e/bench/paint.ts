import { Browser } from '../support/browser.js';

const PRESSES = 40;
const BATCHES = 6;

/**
 * Batches of milliseconds from a key press in a bust cell of the table of sizes to the frame in which the changed count has been painted. The press is a
 * real input event in the page; the end is the frame after the one in which the count's text changed.
 */
export async function keyToPaint(url: string): Promise<number[][]> {
  const browser = new Browser();
  await browser.start();
  try {
    await browser.open(url);
    await browser.find('[data-count-row="back.width"]');
    await browser.click('[data-cell="bust M"]');
    await browser.keys('9');
    await browser.find('[data-cell-input]');
    await browser.driver.sleep(500);
    await browser.driver.manage().setTimeouts({ script: 60_000 });
    const batches: number[][] = [];
    for (let batch = 0; batch < BATCHES; batch += 1) batches.push(await pressBatch(browser));
    return batches;
  } finally {
    await browser.end();
  }
}

function pressBatch(browser: Browser): Promise<number[]> {
  return browser.driver.executeAsyncScript<number[]>(
    `
      const done = arguments[arguments.length - 1];
      const presses = arguments[0];
      const field = document.querySelector('[data-cell-input]');
      const shown = document.querySelector('[data-count-row="back.width"]');
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
      const times = [];
      const values = ['90', '101', '95', '106', '88', '98'];
      const press = (i) => {
        if (i === presses) return done(times);
        const before = shown.textContent;
        const begun = performance.now();
        const watch = new MutationObserver(() => {
          if (shown.textContent === before) return;
          watch.disconnect();
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => {
              times.push(performance.now() - begun);
              setTimeout(() => press(i + 1), 120);
            };
            channel.port2.postMessage(0);
          });
        });
        watch.observe(document.body, { subtree: true, childList: true, characterData: true });
        set.call(field, values[i % values.length]);
        field.dispatchEvent(new Event('input', { bubbles: true }));
      };
      press(0);`,
    PRESSES,
  );
}
