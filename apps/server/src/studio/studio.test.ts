import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { StoredDesign } from '@upfell/core';
import { demoDesign, startServer, type TestServer } from '../testing/server.js';

let server: TestServer;
let agent: TestAgent;
beforeAll(async () => {
  server = await startServer();
  agent = request(server.app.getHttpServer());
});
afterAll(() => server.stop());

describe('the studio', () => {
  it('keeps the style of its patterns, and says which setting it does not know', async () => {
    expect((await agent.get('/api/studio/style').expect(200)).body).toEqual({});
    const style = { sizes: 'slashes', rowNames: 'ROW' };
    await agent.put('/api/studio/style').send(style).expect(200);
    expect((await agent.get('/api/studio/style').expect(200)).body).toEqual(style);
    const refused = await agent.put('/api/studio/style').send({ sizes: 'commas' }).expect(422);
    expect((refused.body as { fields: { path: string }[] }).fields[0]!.path).toBe('sizes');
    expect((await agent.get('/api/studio/style')).body).toEqual(style);
  });
});

describe('the photograph of a design', () => {
  // The smallest pictures of their kinds, by their first bytes.
  const png = `data:image/png;base64,iVBORw0KGgo${'A'.repeat(40)}`;
  const jpeg = `data:image/jpeg;base64,/9j/${'B'.repeat(40)}`;

  it('is kept, replaced and taken away', async () => {
    const { id } = (await agent.post('/api/designs').send(demoDesign()).expect(201)).body as StoredDesign;
    expect((await agent.get(`/api/designs/${id}/photo`).expect(200)).body).toEqual({ data: null });
    await agent.put(`/api/designs/${id}/photo`).send({ data: png }).expect(200);
    await agent.put(`/api/designs/${id}/photo`).send({ data: jpeg }).expect(200);
    expect((await agent.get(`/api/designs/${id}/photo`).expect(200)).body).toEqual({ data: jpeg });
    await agent.delete(`/api/designs/${id}/photo`).expect(204);
    expect((await agent.get(`/api/designs/${id}/photo`)).body).toEqual({ data: null });
  });

  it('is a PNG or JPEG of a design that is there', async () => {
    const { id } = (await agent.post('/api/designs').send(demoDesign()).expect(201)).body as StoredDesign;
    for (const data of [
      'data:image/svg+xml;base64,PHN2Zz4=',
      `data:image/png;base64,/9j/${'B'.repeat(8)}`,
      'x',
    ])
      await agent.put(`/api/designs/${id}/photo`).send({ data }).expect(422);
    await agent.put('/api/designs/nobody/photo').send({ data: png }).expect(404);
  });
});
