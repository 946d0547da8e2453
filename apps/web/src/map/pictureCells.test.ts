import { USUAL_COLOURS, type SquareColours } from '@upfell/core';
import { pictureCells, type Pixels } from './pictureCells';

const colours: Pick<SquareColours, 'yarns' | 'kinds'> = {
  yarns: [
    { name: 'sun', shown: '#e8b23a' },
    { name: 'sky', shown: '#6fa3c7' },
    { name: 'snow', shown: '#ffffff' },
  ],
  kinds: [
    { id: 'A', name: 'Sun', rounds: ['sun'] },
    { id: 'B', name: 'Sky', rounds: ['sky'] },
    { id: 'C', name: 'Snow', rounds: ['sky', 'snow', 'snow'] },
  ],
};

function picture(width: number, height: number, at: (x: number, y: number) => readonly number[]): Pixels {
  const data = Array.from({ length: width * height }, (_, i) => {
    const [r, g, b, opacity = 255] = at(i % width, Math.floor(i / width));
    return [r!, g!, b!, opacity];
  }).flat();
  return { width, height, data };
}
const SUN = [232, 178, 58];
const SKY = [111, 163, 199];

describe('a picture as squares', () => {
  it('gives each the kind that looks most like its part of it', () => {
    const halves = picture(8, 6, (x) => (x < 4 ? SUN : SKY));
    expect(pictureCells(halves, { columns: 4, rows: 2 }, colours)).toEqual([
      ['A', 'A', 'B', 'B'],
      ['A', 'A', 'B', 'B'],
    ]);
  });

  it('takes colours near to a yarn for it, and what is transparent for white', () => {
    const near = picture(2, 1, (x) => (x === 0 ? [210, 160, 80] : [0, 0, 0, 0]));
    expect(pictureCells(near, { columns: 2, rows: 1 }, colours)).toEqual([['A', 'C']]);
  });

  it('is spread over more squares than it has pixels', () => {
    const small = picture(2, 2, (x, y) => (x === y ? SUN : SKY));
    expect(pictureCells(small, { columns: 4, rows: 4 }, colours)).toEqual([
      ['A', 'A', 'B', 'B'],
      ['A', 'A', 'B', 'B'],
      ['B', 'B', 'A', 'A'],
      ['B', 'B', 'A', 'A'],
    ]);
  });

  it('is all of one kind where there is one', () => {
    const any = picture(3, 3, (x, y) => [x * 80, y * 80, 100]);
    expect(pictureCells(any, { columns: 3, rows: 1 }, USUAL_COLOURS)).toEqual([['A', 'A', 'A']]);
  });
});
