import { Browser } from '../support/browser.js';

const PRESSES = 40;
const BATCHES = 6;

/**
 * Batches of milliseconds from a key press in a bust cell of the table of sizes to the frame in which the changed count has been painted. The press is a
 * real input event in the page; the end is the frame after the one in which the count's text changed.
 */
export function keyToPaint(url: string): Promise<number[][]> {
  return batchesAt(
    url,
    async (browser) => {
      await browser.find('[data-count-row="back.width"]');
      await browser.click('[data-cell="bust M"]');
      await browser.keys('9');
      await browser.find('[data-cell-input]');
    },
    pressBatch,
  );
}

/** What is dragged in a drawing, and what of the drawing follows it. */
export interface Dragged {
  /** Brings it on the page. */
  show: (browser: Browser) => Promise<void>;
  /** What is dragged up and down, and by how many px in turn. */
  handle: string;
  steps: readonly number[];
  /** What changes when the plan has been painted. */
  follows: { shown: string; attribute: string };
}

/** The depth of a yoke. */
export const YOKE_DEPTH: Dragged = {
  show: async (browser) => {
    await browser.press('M');
    await browser.find('[data-testid=handle-depth]');
  },
  handle: '[data-testid=handle-depth]',
  steps: [40, 0, 24, -24],
  follows: { shown: '[data-testid=handle-depth]', attribute: 'aria-valuenow' },
};

/** The hem of a garment on its figure. */
export const WORN_HEM: Dragged = {
  show: async (browser) => {
    await browser.press('M');
    await browser.find('[data-testid=grip-hem]');
  },
  handle: '[data-testid=grip-hem]',
  steps: [40, 0, 24, -24],
  follows: { shown: '[data-testid=worn-front] path.worn-body', attribute: 'd' },
};

/**
 * Batches of milliseconds from a move of the pointer that drags something to the frame in which what follows it has been painted anew, its plan
 * computed in between.
 */
export function dragToPaint(url: string, dragged: Dragged): Promise<number[][]> {
  return batchesAt(url, dragged.show, (browser) => dragBatch(browser, dragged));
}

/**
 * Batches of milliseconds from frame to frame while the pointer drags without a rest, a move in every frame: what the hand sees of the handle. A frame
 * is 16.7 ms where nothing holds it up.
 */
export function framesOfDrag(url: string, dragged: Dragged): Promise<number[][]> {
  return batchesAt(url, dragged.show, (browser) => frameBatch(browser, dragged));
}

async function batchesAt(
  url: string,
  begin: (browser: Browser) => Promise<void>,
  batch: (browser: Browser) => Promise<number[]>,
): Promise<number[][]> {
  const browser = new Browser();
  await browser.start();
  try {
    await browser.open(url);
    await begin(browser);
    await browser.driver.sleep(500);
    await browser.driver.manage().setTimeouts({ script: 60_000 });
    const batches: number[][] = [];
    for (let i = 0; i < BATCHES; i += 1) batches.push(await batch(browser));
    return batches;
  } finally {
    await browser.end();
  }
}

/** What is dragged, and how to move a pointer on it. */
const handleOf = ({ handle }: Dragged) => `
      const done = arguments[arguments.length - 1];
      const moves = arguments[0];
      const handle = document.querySelector('${handle}');
      // Pointers of the script's own cannot be captured.
      handle.setPointerCapture = () => {};
      const { x, y } = handle.querySelector('circle').getBoundingClientRect();
      const fire = (type, by) =>
        handle.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x, clientY: y + by }));
`;

function frameBatch(browser: Browser, dragged: Dragged): Promise<number[]> {
  return browser.driver.executeAsyncScript<number[]>(
    `${handleOf(dragged)}
      const times = [];
      let last = 0;
      const frame = (now) => {
        if (last > 0) times.push(now - last);
        last = now;
        if (times.length === moves) {
          fire('pointerup', 0);
          return setTimeout(() => done(times), 500);
        }
        // Up and down by 48 px, 8 px a frame: a quick hand.
        const at = (times.length * 8) % 192;
        fire('pointermove', at < 96 ? at - 48 : 144 - at);
        requestAnimationFrame(frame);
      };
      fire('pointerdown', 0);
      requestAnimationFrame(frame);`,
    3 * PRESSES,
  );
}

function dragBatch(browser: Browser, dragged: Dragged): Promise<number[]> {
  return browser.driver.executeAsyncScript<number[]>(
    `${handleOf(dragged)}      const times = [];
      const steps = ${JSON.stringify(dragged.steps)};
      const shown = document.querySelector('${dragged.follows.shown}');
      const now = () => shown.getAttribute('${dragged.follows.attribute}');
      const move = (i) => {
        if (i === moves) {
          fire('pointerup', 0);
          return done(times);
        }
        const before = now();
        const begun = performance.now();
        // A move may come to the same rows.
        const idle = setTimeout(() => (watch.disconnect(), move(i + 1)), 1000);
        const watch = new MutationObserver(() => {
          if (now() === before) return;
          watch.disconnect();
          clearTimeout(idle);
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => {
              times.push(performance.now() - begun);
              setTimeout(() => move(i + 1), 60);
            };
            channel.port2.postMessage(0);
          });
        });
        watch.observe(shown, { attributes: true });
        fire('pointermove', steps[i % steps.length]);
      };
      fire('pointerdown', 0);
      move(0);`,
    PRESSES,
  );
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
