import type { StoredDesign } from '@upfell/core';
import { demoDesign, serverForTests } from '../testing/server.js';

const server = serverForTests();

describe('the studio', () => {
  it('keeps the style of its patterns, and says which setting it does not know', async () => {
    expect((await server.agent.get('/api/studio/style').expect(200)).body).toEqual({});
    const style = { sizes: 'slashes', rowNames: 'ROW' };
    await server.agent.put('/api/studio/style').send(style).expect(200);
    expect((await server.agent.get('/api/studio/style').expect(200)).body).toEqual(style);
    const refused = await server.agent.put('/api/studio/style').send({ sizes: 'commas' }).expect(422);
    expect((refused.body as { fields: { path: string }[] }).fields[0]!.path).toBe('sizes');
    expect((await server.agent.get('/api/studio/style')).body).toEqual(style);
  });
});

describe('the photograph of a design', () => {
  // The smallest pictures of their kinds, by their first bytes.
  const png = `data:image/png;base64,iVBORw0KGgo${'A'.repeat(40)}`;
  const jpeg = `data:image/jpeg;base64,/9j/${'B'.repeat(40)}`;

  it('is kept, replaced and taken away', async () => {
    const { id } = (await server.agent.post('/api/designs').send(demoDesign()).expect(201))
      .body as StoredDesign;
    expect((await server.agent.get(`/api/designs/${id}/photo`).expect(200)).body).toEqual({ data: null });
    await server.agent.put(`/api/designs/${id}/photo`).send({ data: png }).expect(200);
    await server.agent.put(`/api/designs/${id}/photo`).send({ data: jpeg }).expect(200);
    expect((await server.agent.get(`/api/designs/${id}/photo`).expect(200)).body).toEqual({ data: jpeg });
    await server.agent.delete(`/api/designs/${id}/photo`).expect(204);
    expect((await server.agent.get(`/api/designs/${id}/photo`)).body).toEqual({ data: null });
  });

  it('is a PNG or JPEG of a design that is there', async () => {
    const { id } = (await server.agent.post('/api/designs').send(demoDesign()).expect(201))
      .body as StoredDesign;
    for (const data of [
      'data:image/svg+xml;base64,PHN2Zz4=',
      `data:image/png;base64,/9j/${'B'.repeat(8)}`,
      'x',
    ])
      await server.agent.put(`/api/designs/${id}/photo`).send({ data }).expect(422);
    await server.agent.put('/api/designs/nobody/photo').send({ data: png }).expect(404);
  });
});
