import {
  STANDARD_CHARTS,
  STITCH_PATTERNS,
  type LibraryEntry,
  type SizeChart,
  type Stored,
} from '@upfell/core';
import { demoDesign, serverForTests } from '../testing/server.js';

const server = serverForTests();

const chart = (name: string): SizeChart => ({ ...STANDARD_CHARTS[0]!.chart, name });
const fabric = (name: string) => ({
  format: 'upfell/fabric',
  version: 1,
  ...STITCH_PATTERNS[0]!.fabric,
  name,
});

describe.each([
  ['charts', chart],
  ['fabrics', fabric],
] as const)('the library of %s', (kind, make) => {
  const create = async (name: string) =>
    (await server.agent.post(`/api/${kind}`).send(make(name)).expect(201)).body as Stored<{ name: string }>;

  it('keeps a document, saves over the revision seen, and shows both when another came first', async () => {
    const { id } = await create('First');
    const put = (seen: number, name: string) =>
      server.agent.put(`/api/${kind}/${id}`).set('If-Match', `"${seen}"`).send(make(name));
    expect((await put(1, 'Second').expect(200)).headers['etag']).toBe('"2"');
    const refused = await put(1, 'Third').expect(412);
    expect(refused.body).toMatchObject({ current: { revision: 2, document: { name: 'Second' } } });
    await server.agent.put(`/api/${kind}/${id}`).send(make('Fourth')).expect(428);
    expect((await server.agent.get(`/api/${kind}/${id}`)).body).toMatchObject({ document: make('Second') });
  });

  it('puts a document away and takes it back', async () => {
    const { id } = await create('Away');
    const listed = async () =>
      ((await server.agent.get(`/api/${kind}`).expect(200)).body as Stored<unknown>[]).some(
        (one) => one.id === id,
      );
    await server.agent.delete(`/api/${kind}/${id}`).expect(204);
    expect(await listed()).toBe(false);
    await server.agent.get(`/api/${kind}/${id}`).expect(404);
    await server.agent.post(`/api/${kind}/${id}/take-back`).expect(200);
    expect(await listed()).toBe(true);
  });

  it('answers what is not right with its fields', async () => {
    const answer = await server.agent
      .post(`/api/${kind}`)
      .send({ ...make('Bad'), version: 2 })
      .expect(422);
    expect(answer.body).toMatchObject({ fields: [{ path: 'version' }] });
    await server.agent.post(`/api/${kind}`).send([]).expect(422);
    await server.agent.get(`/api/${kind}/..%2f`).expect(422);
  });
});

it('says how many designs hold a copy, and a design keeps its own when the library loses it', async () => {
  const made = (await server.agent.post('/api/charts').send(chart('Copied'))).body as Stored<SizeChart>;
  const origin = { id: made.id, name: 'Copied', sizes: [] };
  const design = (
    await server.agent
      .post('/api/designs')
      .send({ ...demoDesign(), chart: origin })
      .expect(201)
  ).body as Stored<unknown>;
  const entry = async () =>
    ((await server.agent.get('/api/charts')).body as LibraryEntry<SizeChart>[]).find(
      ({ id }) => id === made.id,
    );
  expect(await entry()).toMatchObject({ designs: 1 });
  await server.agent.delete(`/api/charts/${made.id}`).expect(204);
  expect((await server.agent.get(`/api/designs/${design.id}`)).body).toMatchObject({
    document: { chart: origin },
  });
});

describe('instruments', () => {
  it('pass a reading on to every open stream', async () => {
    await server.app.getUrl();
    const stream = await fetch(`${await server.app.getUrl()}/api/instruments/stream`);
    const reader = stream.body!.getReader();
    const heard = (async () => {
      let text = '';
      while (!text.includes('42.5')) {
        const { value, done } = await reader.read();
        if (done) break;
        text += new TextDecoder().decode(value);
      }
      return text;
    })();
    await server.agent
      .post('/api/instruments/readings')
      .send({ instrument: 'tape', value: 42.5 })
      .expect(202);
    expect(await heard).toMatch(/event: reading[\s\S]*"instrument":"tape","value":42.5,"unit":"cm"/);
    await reader.cancel();
  });

  it.each([
    [{ instrument: 'clock', value: 3 }],
    [{ instrument: 'tape', value: -1 }],
    [{ instrument: 'tape', value: 'long' }],
    [{ instrument: 'scale', value: 5, unit: 'cm' }],
    [{}],
  ])('refuse %j', async (body) => {
    await server.agent.post('/api/instruments/readings').send(body).expect(422);
  });
});
