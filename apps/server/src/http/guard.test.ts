import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { readSettings } from '../settings.js';
import { startServer } from '../testing/server.js';

describe('guard', () => {
  it('answers its own host and origin only', async () => {
    const server = await startServer();
    const agent = request(server.app.getHttpServer());
    await agent.get('/api/designs').set('Host', 'evil.example').expect(421);
    await agent
      .get('/api/designs')
      .set('Host', '127.0.0.1:80')
      .set('Origin', 'http://evil.example')
      .expect(403);
    await agent
      .get('/api/designs')
      .set('Host', '127.0.0.1:80')
      .set('Origin', 'http://127.0.0.1:80')
      .expect(200);
    await server.stop();
  });

  it('wants the passphrase where one is set', async () => {
    const server = await startServer({ passphrase: 'a long passphrase' });
    const agent = request(server.app.getHttpServer());
    expect((await agent.get('/api/designs').expect(401)).headers['www-authenticate']).toMatch('Basic');
    await agent.get('/api/designs').auth('anyone', 'wrong').expect(401);
    await agent.get('/api/designs').auth('anyone', 'a long passphrase').expect(200);
    await server.stop();
  });

  it('serves the web application with a strict policy, its page for every address outside the API', async () => {
    const web = mkdtempSync(join(tmpdir(), 'upfell-web-'));
    mkdirSync(join(web, 'assets'));
    writeFileSync(join(web, 'index.html'), '<!doctype html><title>Upfell</title>');
    writeFileSync(join(web, 'assets/a.js'), '1');
    const server = await startServer({ web });
    const agent = request(server.app.getHttpServer());
    const page = await agent.get('/designs/some/table').expect(200);
    expect(page.text).toContain('<title>Upfell</title>');
    expect(page.headers['content-security-policy']).toContain("default-src 'none';script-src 'self'");
    expect((await agent.get('/assets/a.js').expect(200)).headers['cache-control']).toMatch('immutable');
    await agent.get('/assets/gone.js').expect(404);
    await server.stop();
    rmSync(web, { recursive: true });
  });
});

describe('readSettings', () => {
  it('listens on this machine alone by default', () => {
    expect(readSettings({})).toMatchObject({ host: '127.0.0.1', port: 4600, passphrase: null });
  });

  it('wants a passphrase for any other address, and one that is long enough', () => {
    expect(() => readSettings({ UPFELL_HOST: '0.0.0.0' })).toThrow(/set UPFELL_PASSPHRASE/);
    expect(() => readSettings({ UPFELL_HOST: '0.0.0.0', UPFELL_PASSPHRASE: 'short' })).toThrow(
      /12 characters/,
    );
    expect(readSettings({ UPFELL_HOST: '0.0.0.0', UPFELL_PASSPHRASE: 'twelve chars' })).toMatchObject({
      host: '0.0.0.0',
    });
    expect(() => readSettings({ UPFELL_PORT: 'http' })).toThrow(/a port from 0 to 65535/);
  });
});
