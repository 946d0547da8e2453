import { convert } from 'convert';
import fc from 'fast-check';
import { CM_PER_INCH, formatLength, parseLength, toEighths } from './length.js';

const cmOf = (text: string, units: 'cm' | 'in' = 'cm') => {
  const parsed = parseLength(text, units);
  return parsed.ok ? parsed.cm : parsed.message;
};

describe('parseLength', () => {
  it.each([
    ['42', 42],
    ['42,5 cm', 42.5],
    ['42.5cm', 42.5],
    [' 16 1/2 in ', 16.5 * 2.54],
    ['16½"', 16.5 * 2.54],
    ['3/4 in', 0.75 * 2.54],
    ['-5 cm', -5],
    ['−5', -5],
    ['.5', 0.5],
    ['1 m', 100],
    ['35 mm', 3.5],
  ])('reads %p', (text, cm) => expect(cmOf(text)).toBeCloseTo(cm, 10));

  it('takes a bare number in the units of the reader', () => {
    expect(cmOf('16 1/2', 'in')).toBeCloseTo(41.91, 10);
    expect(cmOf('42 cm', 'in')).toBe(42);
  });

  it.each(['', '  ', 'wide', '12 1/0 in', '4 5', '1e9', '--3', '12 furlongs', 'NaN'])(
    'answers %p with a sentence',
    (text) => {
      expect(cmOf(text)).toMatch(/type one like/);
    },
  );

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string(), (text) => typeof cmOf(text) === 'number' || typeof cmOf(text) === 'string'),
    );
  });
});

describe('formatLength', () => {
  it('shows cm to a tenth and inches to an eighth', () => {
    expect(formatLength(53.75, 'cm', { unit: true })).toBe('53.8 cm');
    expect(formatLength(41.91, 'in')).toBe('16 1/2');
    expect(formatLength(2.54 / 8, 'in')).toBe('1/8');
    expect(formatLength(-5, 'cm', { sign: true })).toBe('−5.0');
    expect(formatLength(-0.01, 'cm', { sign: true })).toBe('0.0');
    expect(formatLength(-0.01, 'in', { sign: true })).toBe('0');
  });

  it('is read back to within half an eighth, or half a millimetre', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -200, max: 200, noNaN: true }),
        fc.constantFrom('cm' as const, 'in' as const),
        (cm, units) => {
          const again = cmOf(formatLength(cm, units), units);
          expect(Math.abs((again as number) - cm)).toBeLessThanOrEqual(
            units === 'cm' ? 0.05 + 1e-9 : CM_PER_INCH / 16 + 1e-9,
          );
        },
      ),
    );
  });

  it('has exact eighths for every eighth', () => {
    for (let eighth = -400; eighth <= 400; eighth += 1)
      expect(toEighths((eighth / 8) * CM_PER_INCH)).toBe(eighth);
  });
});

it('agrees with an independent library of units, both ways', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 300, noNaN: true }), (inches) => {
      const parsed = parseLength(`${inches.toFixed(3)} in`, 'cm');
      expect(parsed).toMatchObject({ ok: true });
      const cm = convert(Number(inches.toFixed(3)), 'inches').to('cm');
      if (parsed.ok) expect(parsed.cm).toBeCloseTo(cm, 9);
      expect(toEighths(cm)).toBe(Math.round(convert(cm, 'cm').to('inches') * 8));
    }),
  );
});
