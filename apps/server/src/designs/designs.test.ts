import type { StoredDesign } from '@upfell/core';
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
