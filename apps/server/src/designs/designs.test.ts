import type { ShelfEntry, StoredDesign } from '@upfell/core';
import { demoDesign, serverForTests } from '../testing/server.js';

const server = serverForTests();

const create = async () =>
  (await server.agent.post('/api/designs').send(demoDesign()).expect(201)).body as StoredDesign;
const save = (id: string, seen: number, name: string) =>
  server.agent
    .put(`/api/designs/${id}`)
    .set('If-Match', `"${seen}"`)
    .send({ ...demoDesign(), name });

describe('designs', () => {
  it('keeps a design and gives it back with its revision as ETag', async () => {
    const made = await create();
    const read = await server.agent.get(`/api/designs/${made.id}`).expect(200);
    expect(read.headers['etag']).toBe('"1"');
    expect((read.body as StoredDesign).document).toEqual(demoDesign());
    const shelf = await server.agent.get('/api/designs').expect(200);
    expect(shelf.body).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ id: made.id, name: 'Brackenlow pullover', construction: 'drop-shoulder' }),
      ]),
    );
  });

  it('keeps fields that it does not know', async () => {
    const made = (
      await server.agent
        .post('/api/designs')
        .send({ ...demoDesign(), studio: { shelf: 3 } })
        .expect(201)
    ).body as StoredDesign;
    expect((await server.agent.get(`/api/designs/${made.id}`)).body).toMatchObject({
      document: { studio: { shelf: 3 } },
    });
  });

  it('saves over the revision seen, and shows both when another came first', async () => {
    const { id } = await create();
    expect((await save(id, 1, 'Mine').expect(200)).headers['etag']).toBe('"2"');
    const refused = await save(id, 1, 'Theirs').expect(412);
    expect(refused.headers['content-type']).toMatch('application/problem+json');
    expect(refused.body).toMatchObject({ status: 412, current: { revision: 2, document: { name: 'Mine' } } });
    expect((await server.agent.get(`/api/designs/${id}`)).body).toMatchObject({ document: { name: 'Mine' } });
  });

  it('does not make a revision of what has not changed', async () => {
    const { id } = await create();
    await save(id, 1, 'Once').expect(200);
    expect((await save(id, 2, 'Once').expect(200)).body).toMatchObject({ revision: 2 });
  });

  it('asks for the revision seen', async () => {
    const { id } = await create();
    await server.agent.put(`/api/designs/${id}`).send(demoDesign()).expect(428);
    await server.agent.put(`/api/designs/${id}`).set('If-Match', '*').send(demoDesign()).expect(400);
  });

  it('takes twenty saves at once without failing: one wins, the others are shown it', async () => {
    const { id } = await create();
    const answers = await Promise.all(Array.from({ length: 20 }, (_, i) => save(id, 1, `Name ${i}`)));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array<number>(19).fill(412)]);
    expect((await server.agent.get(`/api/designs/${id}/revisions`)).body).toHaveLength(2);
  });

  it('lists the bin, the last put away first, and the shelf without it', async () => {
    const [first, second] = [await create(), await create()];
    await server.agent.delete(`/api/designs/${first.id}`).expect(204);
    await server.agent.delete(`/api/designs/${second.id}`).expect(204);
    const ids = (body: unknown) => (body as ShelfEntry[]).map(({ id }) => id);
    expect(ids((await server.agent.get('/api/designs/bin').expect(200)).body).slice(0, 2)).toEqual([
      second.id,
      first.id,
    ]);
    await server.agent.post(`/api/designs/${second.id}/take-back`).expect(200);
    expect(ids((await server.agent.get('/api/designs/bin')).body)[0]).toBe(first.id);
    expect(ids((await server.agent.get('/api/designs')).body)).toContain(second.id);
  });

  it('says on the shelf for whom a design is and in what', async () => {
    const { id } = await create();
    const entry = ((await server.agent.get('/api/designs')).body as ShelfEntry[]).find(
      (one) => one.id === id,
    );
    expect(entry).toMatchObject({
      label: 'Drop shoulder, of panels',
      groups: ['adult'],
      fabrics: demoDesign().fabrics.map(({ name }) => name),
    });
  });

  it('draws the garment of a revision, to be kept by that and asked for again without it', async () => {
    const { id } = await create();
    const picture = (query = '') => server.agent.get(`/api/designs/${id}/picture${query}`).expect(200);
    const first = await picture('?revision=1');
    expect(first.headers['content-type']).toMatch('image/svg+xml');
    expect(first.headers['cache-control']).toMatch('immutable');
    const svg = (first.body as Buffer).toString();
    expect(svg).toMatch(/^<svg .*<path d="M/);
    expect((await picture()).headers['cache-control']).toBe('no-cache');
    await server.agent
      .put(`/api/designs/${id}`)
      .set('If-Match', '"1"')
      .send({ ...demoDesign(), garment: { ...demoDesign().garment, belowWaist: 40 } })
      .expect(200);
    const longer = await picture('?revision=2');
    expect((longer.body as Buffer).toString()).not.toBe(svg);
    expect(longer.headers['cache-control']).toMatch('immutable');
    // One asked for by an older revision is not kept as that.
    expect((await picture('?revision=1')).headers['cache-control']).toBe('no-cache');
  });

  it('shows an empty picture where nothing can be worked, and none of what is not there', async () => {
    const design = demoDesign();
    const made = (
      await server.agent
        .post('/api/designs')
        // A yoke that is far too shallow for all that it has to grow.
        .send({
          ...design,
          pins: [],
          garment: {
            construction: 'raglan',
            fabric: design.garment['fabric'],
            ease: 80,
            neck: { ease: -20 },
            depthEase: -20,
            underarm: -20,
          },
        })
        .expect(201)
    ).body as StoredDesign;
    const answer = await server.agent.get(`/api/designs/${made.id}/picture`).expect(200);
    expect((answer.body as Buffer).toString()).toMatch(/^<svg [^>]*\/>$/);
    await server.agent.get('/api/designs/nothing/picture').expect(404);
  });

  it('keeps every saved state and restores any', async () => {
    const { id } = await create();
    await save(id, 1, 'Second');
    await save(id, 2, 'Third');
    const history = (await server.agent.get(`/api/designs/${id}/revisions`).expect(200)).body as {
      revision: number;
      reason: string;
    }[];
    expect(history.map(({ revision, reason }) => [revision, reason])).toEqual([
      [3, 'edit'],
      [2, 'edit'],
      [1, 'create'],
    ]);
    expect((await server.agent.get(`/api/designs/${id}/revisions/2`)).body).toMatchObject({
      document: { name: 'Second' },
    });
    await server.agent.post(`/api/designs/${id}/revisions/2/restore`).set('If-Match', '"1"').expect(412);
    const restored = await server.agent
      .post(`/api/designs/${id}/revisions/2/restore`)
      .set('If-Match', '"3"')
      .expect(200);
    expect(restored.body).toMatchObject({ revision: 4, document: { name: 'Second' } });
    await server.agent.get(`/api/designs/${id}/revisions/99`).expect(404);
  });

  it('puts a design away and takes it back', async () => {
    const { id } = await create();
    await server.agent.delete(`/api/designs/${id}`).expect(204);
    await server.agent.get(`/api/designs/${id}`).expect(404);
    await save(id, 1, 'Gone').expect(404);
    expect(
      ((await server.agent.get('/api/designs')).body as { id: string }[]).some((entry) => entry.id === id),
    ).toBe(false);
    await server.agent.post(`/api/designs/${id}/take-back`).expect(200);
    await server.agent.get(`/api/designs/${id}`).expect(200);
  });

  it('duplicates and exports', async () => {
    const { id } = await create();
    expect((await server.agent.post(`/api/designs/${id}/duplicate`).expect(201)).body).toMatchObject({
      revision: 1,
      document: { name: 'Brackenlow pullover (copy)' },
    });
    const file = await server.agent.get(`/api/designs/${id}/file`).expect(200);
    expect(file.headers['content-disposition']).toContain('Brackenlow%20pullover.upfell.json');
    expect(JSON.parse(file.text)).toEqual(demoDesign());
  });
});

describe('bad input', () => {
  it('names the field and what would be right, and writes nothing', async () => {
    const before = ((await server.agent.get('/api/designs')).body as unknown[]).length;
    const bad = demoDesign();
    const answer = await server.agent
      .post('/api/designs')
      .send({
        ...bad,
        sizes: [{ ...bad.sizes[0], body: { bust: 0 } }],
        fabrics: [
          { ...bad.fabrics[0], rule: { ...bad.fabrics[0]!.rule, flat: { multiple: 0, plus: 0 } } },
          bad.fabrics[1],
        ],
      })
      .expect(422);
    expect((answer.body as { fields: { path: string }[] }).fields.map(({ path }) => path)).toEqual([
      'sizes[0].body.bust',
      'fabrics[0].rule.flat.multiple',
    ]);
    expect(((await server.agent.get('/api/designs')).body as unknown[]).length).toBe(before);
  });

  it.each([
    [
      'a body that is no JSON',
      () => server.agent.post('/api/designs').set('Content-Type', 'application/json').send('{bad'),
      400,
    ],
    ['a body that is no object', () => server.agent.post('/api/designs').send([]), 422],
    ['no body', () => server.agent.post('/api/designs'), 422],
    [
      '20 MB',
      () => server.agent.post('/api/designs').send({ ...demoDesign(), notes: 'x'.repeat(20_000_000) }),
      413,
    ],
    [
      'another format',
      () => server.agent.post('/api/designs').send({ ...demoDesign(), format: 'other' }),
      422,
    ],
    ['a newer version', () => server.agent.post('/api/designs').send({ ...demoDesign(), version: 9 }), 422],
    ['a strange id', () => server.agent.get('/api/designs/..%2f..%2fetc'), 422],
    ['a malformed address', () => server.agent.get('/api/designs/%E0%A4%A'), 400],
    ['a revision that is no number', () => server.agent.get('/api/designs/abc/revisions/two'), 422],
    ['an unknown address', () => server.agent.get('/api/nothing'), 404],
    ['a method that is not there', () => server.agent.patch('/api/designs/abc').send({}), 404],
  ])('answers %s in the 400s with problem+json', async (_, ask, status) => {
    const answer = await ask();
    expect(answer.status).toBe(status);
    expect(answer.headers['content-type']).toMatch('application/problem+json');
    expect((answer.body as { title: string }).title).toEqual(expect.any(String));
  });

  it('keeps a script in a name as text', async () => {
    const answer = await server.agent
      .post('/api/designs')
      .send({ ...demoDesign(), name: '<script>alert(1)</script>' })
      .expect(201);
    expect(answer.headers['content-type']).toMatch('application/json');
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
  });
});
