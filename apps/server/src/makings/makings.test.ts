import type { Arrived, Making, MakingEntry, StoredDesign, StoredMaking } from '@upfell/core';
import { demoDesign, serverForTests } from '../testing/server.js';

const server = serverForTests();

const design = async () =>
  (await server.agent.post('/api/designs').send(demoDesign()).expect(201)).body as StoredDesign;
let made = 0;
async function begin(): Promise<{ design: StoredDesign; id: string }> {
  const own = await design();
  const id = `m-${(made += 1)}`;
  await server.agent
    .post('/api/makings')
    .send({ id, name: 'For Tamsin', designId: own.id, revision: 1, size: 'M' })
    .expect(201);
  return { design: own, id };
}
const row = (id: string, n: number) => ({
  id,
  at: `2026-01-05T18:${String(n % 60).padStart(2, '0')}:00Z`,
  kind: 'row',
  piece: 'back',
  copy: 1,
  part: 'main',
  n,
});
const add = (id: string, entries: unknown[], more: object = {}) =>
  server.agent.post(`/api/makings/${id}/entries`).send({ entries, after: 0, ...more });
const idsIn = ({ entries }: Arrived) => entries.map((entry) => entry.id);

describe('makings', () => {
  it('begins one size of a saved state, once however often it is asked', async () => {
    const { design: own, id } = await begin();
    await server.agent
      .post('/api/makings')
      .send({ id, name: 'For Tamsin', designId: own.id, revision: 1, size: 'M' })
      .expect(201);
    const listed = (await server.agent.get(`/api/makings?design=${own.id}`).expect(200))
      .body as MakingEntry[];
    expect(listed.map((one) => [one.id, one.size, one.design])).toEqual([[id, 'M', 'Brackenlow pullover']]);
    const read = (await server.agent.get(`/api/makings/${id}`).expect(200)).body as StoredMaking;
    expect(read.document).toEqual(demoDesign());
    expect(read.entries).toEqual([]);
  });

  it('keeps every entry once, in the order of arrival, and hands back what the sender does not know', async () => {
    const { id } = await begin();
    const first = (await add(id, [row('a', 1), row('b', 2), row('a', 1)]).expect(200)).body as Arrived;
    expect(idsIn(first)).toEqual(['a', 'b']);
    const again = (await add(id, [row('b', 2), row('c', 3)], { after: first.last }).expect(200))
      .body as Arrived;
    expect(idsIn(again)).toEqual(['c']);
    const all = (await server.agent.get(`/api/makings/${id}/entries?after=0`)).body as Arrived;
    expect(idsIn(all)).toEqual(['a', 'b', 'c']);
  });

  it('takes forty senders at once, each with the same rows, and counts none twice', async () => {
    const { id } = await begin();
    const rows = Array.from({ length: 12 }, (_, i) => row(`r${i}`, i + 1));
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) => add(id, rows.slice(i % 5, (i % 5) + 8))),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    const all = (await server.agent.get(`/api/makings/${id}/entries?after=0`)).body as Arrived;
    expect([...idsIn(all)].sort()).toEqual(rows.map((one) => one.id).sort());
  });

  it('keeps entries of kinds that it does not know', async () => {
    const { id } = await begin();
    const hum = { id: 'h', at: '2026-01-05T18:20:00Z', kind: 'hum', tune: 'low' };
    await add(id, [hum]).expect(200);
    expect(((await server.agent.get(`/api/makings/${id}`)).body as StoredMaking).entries).toEqual([hum]);
  });

  it('remembers how far it is, by the page that told it last', async () => {
    const { design: own, id } = await begin();
    await add(id, [row('a', 1)], { progress: { worked: 1, all: 240, now: 'Back, row 2' } }).expect(200);
    const [entry] = (await server.agent.get(`/api/makings?design=${own.id}`)).body as MakingEntry[];
    expect(entry!.progress).toEqual({ worked: 1, all: 240, now: 'Back, row 2' });
  });

  it('stays as it was begun when the design is changed, and stays when it is put away', async () => {
    const { design: own, id } = await begin();
    await server.agent
      .put(`/api/designs/${own.id}`)
      .set('If-Match', '"1"')
      .send({ ...demoDesign(), name: 'Changed' })
      .expect(200);
    await server.agent.delete(`/api/designs/${own.id}`).expect(204);
    const read = (await server.agent.get(`/api/makings/${id}`).expect(200)).body as StoredMaking;
    expect(read.document.name).toBe('Brackenlow pullover');
    await add(id, [row('a', 1)]).expect(200);
  });

  it('goes out as a file and comes back, also twice, and with more in it', async () => {
    const { design: own, id } = await begin();
    await add(id, [row('a', 1), row('b', 2)]).expect(200);
    const file = await server.agent.get(`/api/makings/${id}/file`).expect(200);
    expect(file.headers['content-disposition']).toContain('For%20Tamsin.making.json');
    const making = JSON.parse(file.text) as Making & { id: string };
    expect(making).toMatchObject({
      format: 'upfell/making',
      version: 1,
      design: 'Brackenlow pullover',
      size: 'M',
    });
    const more = { ...making, entries: [...making.entries, row('c', 3)] };
    for (const sent of [making, more, making])
      await server.agent.post(`/api/makings/of/${own.id}`).send(sent).expect(201);
    const read = (await server.agent.get(`/api/makings/${id}`)).body as StoredMaking;
    expect(idsIn(read)).toEqual(['a', 'b', 'c']);
    const elsewhere = { ...more, id: 'made-elsewhere' };
    await server.agent.post(`/api/makings/of/${own.id}`).send(elsewhere).expect(201);
    expect((await server.agent.get(`/api/makings?design=${own.id}`)).body).toHaveLength(2);
  });

  it('is renamed, put away and taken back', async () => {
    const { id } = await begin();
    await server.agent.put(`/api/makings/${id}/name`).send({ name: 'For Joss' }).expect(200);
    await server.agent.delete(`/api/makings/${id}`).expect(204);
    await server.agent.get(`/api/makings/${id}`).expect(404);
    await add(id, [row('a', 1)]).expect(404);
    await server.agent.post(`/api/makings/${id}/take-back`).expect(200);
    expect((await server.agent.get(`/api/makings/${id}`)).body).toMatchObject({ name: 'For Joss' });
  });
});

describe('bad input', () => {
  it('says which entry is wrong, and adds none of them', async () => {
    const { id } = await begin();
    const answer = await add(id, [
      row('a', 1),
      { ...row('b', 2), n: 0 },
      { ...row('c', 3), at: 'today' },
    ]).expect(422);
    expect((answer.body as { fields: { path: string }[] }).fields.map(({ path }) => path)).toEqual([
      'entries[1].n',
      'entries[2].at',
    ]);
    expect(((await server.agent.get(`/api/makings/${id}`)).body as StoredMaking).entries).toEqual([]);
  });

  it('refuses a file of another design, of a size that is not there, and of a newer version', async () => {
    const { design: own, id } = await begin();
    const making = JSON.parse((await server.agent.get(`/api/makings/${id}/file`)).text) as Making;
    for (const [change, path] of [
      [{ design: 'Another' }, 'design'],
      [{ size: 'QX' }, 'size'],
      [{ version: 9 }, 'version'],
      [{ format: 'upfell/design' }, 'format'],
    ] as const) {
      const answer = await server.agent
        .post(`/api/makings/of/${own.id}`)
        .send({ ...making, id: 'other', ...change })
        .expect(422);
      expect((answer.body as { fields: { path: string }[] }).fields[0]!.path).toBe(path);
    }
  });

  it.each([
    ['a size that the design does not have', { size: 'QX' }, 422],
    ['a state that it never had', { revision: 7 }, 404],
    ['a design that is not there', { designId: 'none' }, 404],
    ['no name', { name: ' ' }, 422],
  ])('does not begin %s', async (_, change, status) => {
    const own = await design();
    await server.agent
      .post('/api/makings')
      .send({ id: 'never', name: 'N', designId: own.id, revision: 1, size: 'M', ...change })
      .expect(status);
    await server.agent.get('/api/makings/never').expect(404);
  });
});
