import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { errata, errataToText } from './errata.js';
import { pattern } from './pattern.js';

const design = demoDesigns()['brackenlow-pullover']!;
const written = (of: typeof design) => pattern(plan(of), of, { terms: 'us', units: 'cm' });
const before = written(design);

describe('the changes of a pattern', () => {
  it('are none where nothing changed', () => {
    expect(errata(before, written(design))).toEqual([]);
    expect(errataToText([], 'Brackenlow')).toBe('Brackenlow: nothing changed in the pattern.\n');
  });

  it('are told by section, in the words of the pattern, tables by their rows', () => {
    const wider = { ...design, garment: { ...design.garment, ease: 18 } };
    const changes = errata(before, written(wider));
    const back = changes.filter(({ section }) => section === 'Back').map(({ says }) => says);
    expect(back[0]).toMatch(/^“Ch 74 \(.*\)\.” becomes “Ch \d+ \(.*\)\.”$/);
    expect(
      changes.some(
        ({ section, says }) =>
          section === 'Sizes' && /^Table “finished, cm”: “All round” 90, .* becomes /.test(says),
      ),
    ).toBe(true);
    // What is only worked elsewhere is no change of the words.
    expect(changes.some(({ section }) => section === 'Stitch key')).toBe(false);
    expect(errataToText(changes, 'Brackenlow')).toMatch(/^Changes to Brackenlow\n\n.*\n- /);
  });

  it('name what is new and what is gone', () => {
    const neckband = { fabric: 'rib', height: 3, gather: 0.95 };
    const edged = written({ ...design, garment: { ...design.garment, neckband } });
    expect(errata(before, edged)).toContainEqual({ section: 'Neckband', says: 'This section is new.' });
    expect(errata(edged, before)).toContainEqual({ section: 'Neckband', says: 'This section is left out.' });
  });
});
