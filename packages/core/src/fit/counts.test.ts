import { countReader } from './counts.js';

describe('counts asked for by id', () => {
  const counts = countReader({ 'side.rows': 40, 'slit.rows': 0 });

  it('gives what there is, 0 included', () => {
    expect(counts.of('side.rows')).toBe(40);
    expect(counts.of('slit.rows')).toBe(0);
    expect(counts.find('hip.rows')).toBeUndefined();
  });

  it('says which is missing instead of counting on with nothing', () => {
    expect(() => counts.of('hip.rows')).toThrow(new RangeError('No count has the id “hip.rows”.'));
  });
});
