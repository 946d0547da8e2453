import { plan } from '../plan.js';
import { designWith, sizeOf as sizeNamed } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { openLoops } from './openEdges.js';
import { groupsAlong, openPlaces } from './runs.js';

const BARE = { hem: null, cuff: null, neckband: null, armband: null, hood: null };
const M = [sizeNamed('M', { bust: 96 })];
const sizeOf = (garment: object) => plan(designWith({ sizes: M, garment: garment as never })).sizes[0]!;
const loopsOf = (garment: object) => {
  const { pieces, joins } = sizeOf(garment);
  return openLoops(pieces, joins);
};
const idsOf = (garment: object) => loopsOf(garment).map(({ edges }) => edges.map(({ edge }) => edge.id));

describe('the open edges of a garment', () => {
  it('are a neck, a lower edge and two cuffs of a pullover', () => {
    const garment = { construction: 'drop-shoulder', ...BARE };
    expect(idsOf(garment)).toEqual([
      ['back.hem', 'front.hem'],
      ['back.neck', 'front.neck-right', 'front.neck', 'front.neck-left'],
      ['sleeve.cuff'],
      ['sleeve.cuff'],
    ]);
  });

  it('go round fronts, neck and lower edge in one where the front is open', () => {
    const [round] = loopsOf({ construction: 'drop-shoulder', ...BARE, front: { style: 'gap', width: 4 } });
    expect(round!.edges.map(({ edge }) => edge.role)).toEqual([
      'lower edge',
      'lower edge',
      'front edge',
      'neck',
      'neck',
      'neck',
      'front edge',
      'lower edge',
    ]);
    // Two outer corners, at the lower ends of the fronts.
    expect(round!.edges.filter(({ turn }) => turn! > 80)).toHaveLength(2);
    // Every way that comes round to its beginning is closed.
    expect(round!.edges.every(({ turn }) => turn !== null)).toBe(true);
  });

  it('turn back at the top of a slit', () => {
    const loops = loopsOf({ construction: 'drop-shoulder', ...BARE, slit: 10 });
    const lower = loops.find(({ edges }) => edges.some(({ edge }) => edge.role === 'slit'))!;
    expect(lower.edges.map(({ turn }) => Math.round(turn!))).toEqual([90, 90, -180, 90, 90, -180]);
  });

  it('turn by a whole turn round a piece that nothing is joined to', () => {
    const loops = loopsOf({ construction: 'tube', cord: true });
    const cord = loops.find(({ edges }) => edges[0]!.piece.role === 'cord')!;
    expect(cord.edges.reduce((sum, { turn }) => sum + turn!, 0)).toBeCloseTo(360, 6);
  });

  it('do not turn along a straight lower edge', () => {
    const [lower] = loopsOf({ construction: 'drop-shoulder', ...BARE });
    for (const { turn, seam } of lower!.edges) {
      expect(turn).toBeCloseTo(0, 6);
      expect(seam).toBe(true);
    }
  });

  it.each(GARMENTS)('of %s have each edge that no join has, once', (_, garment) => {
    const { pieces, joins } = sizeOf(garment);
    const joined = new Set(joins.flatMap(({ a, b }) => [...a, ...b].map(({ edge }) => edge)));
    // The edges of squares lie inside the sheet that they are joined to.
    const own = pieces.filter(({ role }) => role !== 'square');
    const open = own.flatMap(({ edges, copies }) =>
      edges.flatMap(({ id, count }) =>
        joined.has(id) || count === 0 ? [] : Array<string>(Math.min(2, copies)).fill(id),
      ),
    );
    const found = openLoops(pieces, joins).flatMap(({ edges }) =>
      edges.map(({ edge, copy }) => ({ id: edge.id, key: `${copy} ${edge.id}` })),
    );
    expect(new Set(found.map(({ key }) => key)).size).toBe(found.length);
    // Of two copies an end may be joined on one and open on the other.
    const unjoined = found.filter(({ id }) => !joined.has(id)).map(({ id }) => id);
    expect([...unjoined].sort()).toEqual([...open].sort());
  });
});

describe('every open edge', () => {
  const VARIED: readonly [string, object][] = [
    ['as it is', {}],
    ['with slits', { slit: 8 }],
    ['with fronts apart', { front: { style: 'gap', width: 4 } }],
    ['with fronts apart and slits', { front: { style: 'gap', width: 4 }, slit: 8 }],
    ['with front bands', { front: { style: 'band', width: 4 } }],
    ['with front bands and slits', { front: { style: 'band', width: 4 }, slit: 8 }],
    ['with a hood between fronts', { front: { style: 'gap', width: 4 }, hood: {}, neckband: null }],
  ];

  it.each(GARMENTS)('of %s comes round to where it began', (_, garment) => {
    for (const [how, others] of VARIED)
      for (const { edges } of loopsOf({ ...garment, ...others })) {
        const way = `${how}: ${edges.map(({ edge }) => edge.id).join(', ')}`;
        // A hood's face ends twice in the middle of a neck that is closed.
        if (edges.every(({ edge }) => edge.role === 'face')) continue;
        expect({ way, closed: edges.every(({ turn }) => turn !== null) }).toEqual({ way, closed: true });
      }
  });

  it('of two halves goes over the lower end of the band at the centre back', () => {
    const [round] = idsOf({
      construction: 'two-halves',
      ...BARE,
      front: { style: 'gap', width: 4 },
      centre: {},
    });
    const at = round!.indexOf('centre.end-right');
    expect([round!.at(at - 1), round!.at((at + 1) % round!.length)]).toEqual([
      'half.hem-right',
      'half.hem-left',
    ]);
  });
});

describe('where edgings go', () => {
  it('is known of each garment: cuffs and fronts twice alike, the neck once', () => {
    const cardigan = { construction: 'set-in', ...BARE, front: { style: 'gap', width: 4 } };
    const loops = loopsOf(cardigan);
    expect(openPlaces(loops)).toEqual(['neck', 'front', 'hem', 'cuff', 'round']);
    expect(groupsAlong(loops, 'front').map(({ runs }) => runs.map(({ side }) => side))).toEqual([
      ['left', 'right'],
    ]);
    expect(groupsAlong(loops, 'cuff').map(({ runs }) => runs.length)).toEqual([2]);
    expect(groupsAlong(loops, 'neck').map(({ runs }) => runs.map(({ run }) => run.ring))).toEqual([[false]]);
  });

  it('is an armhole where there is no sleeve', () => {
    const loops = loopsOf({ construction: 'vest', ...BARE });
    expect(openPlaces(loops)).toEqual(['neck', 'hem', 'armhole']);
    expect(groupsAlong(loops, 'armhole')[0]!.runs.every(({ run }) => run.ring)).toBe(true);
  });
});
