import type { Design } from '../../../design.js';
import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { taken } from '../../../testing/taken.js';
import { inWords } from '../../../text/phrase.js';

const medium = sizeOf('M', { bust: 96, waist: 78, hip: 102, armholeDepth: 19 });
const yokeOf = (construction: string, depthEase: unknown): Design => ({
  ...designWith({ fabrics: [fabricOf('body', 16, 14), fabricOf('rib', 18, 20)], sizes: [medium] }),
  garment: { construction, depthEase },
});
const noteOf = (design: Design) =>
  plan(design).sizes[0]!.notes.find(({ code }) => code === 'yoke-above-underarm');

describe.each([
  ['raglan', 'Yoke 22.0 cm deep'],
  ['round-yoke', 'Yoke 21.0 cm deep'],
])('a %s', (construction, offer) => {
  it('gets a note when it ends above the underarm, with the depth that would do', () => {
    const design = yokeOf(construction, -4);
    const note = noteOf(design)!;
    expect(note.level).toBe('warn');
    expect(inWords(note.message, 'cm')).toContain(
      'The yoke is 15.0 cm deep, 4.0 cm less than the body from shoulder to underarm (19.0 cm)',
    );
    expect(note.fixes!.map(({ label }) => inWords(label, 'cm'))).toEqual([offer]);
    expect(noteOf(taken(design, note.fixes![0]!))).toBeUndefined();
  });

  it('gets it in per cent of the armhole too, and not for a hair', () => {
    expect(noteOf(yokeOf(construction, { percent: -10 }))).toBeDefined();
    expect(noteOf(yokeOf(construction, -0.4))).toBeUndefined();
    expect(noteOf(yokeOf(construction, 0))).toBeUndefined();
    expect(noteOf(yokeOf(construction, undefined))).toBeUndefined();
  });
});
