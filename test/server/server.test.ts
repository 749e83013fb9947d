import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import request from 'supertest';
import { spawnSync } from 'node:child_process';
import express from 'express';
import { type AddressInfo } from 'node:net';
import { type ProbeReading, probeBridge } from '../../server/probes';
import { createApp } from '../../server/app';
import { isLoopback } from '../../server/loopback';

const dist = mkdtempSync(path.join(tmpdir(), 'involucrum-'));
writeFileSync(path.join(dist, 'index.html'), '<title>here</title>');
writeFileSync(path.join(dist, 'entry-0123456789abcdef0123456789abcdef.js'), 'x');
const app = createApp({ dist });

describe('the server', () => {
  it('serves the page for every place, uncached, under a strict policy', async () => {
    const response = await request(app).get('/batch/any/fill').expect(200);
    expect(response.text).toContain('here');
    expect(response.headers['cache-control']).toBe('no-cache');
    const policy = response.headers['content-security-policy'];
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(policy).toContain("object-src 'none'");
    expect(response.headers['x-content-type-options']).toBe('nosniff');
    expect(response.headers['x-powered-by']).toBeUndefined();
  });

  it('lets hashed files be kept for ever', async () => {
    const response = await request(app).get('/entry-0123456789abcdef0123456789abcdef.js').expect(200);
    expect(response.headers['cache-control']).toContain('immutable');
  });

  it('answers bad requests with a JSON error', async () => {
    expect((await request(app).get('/missing.js').expect(404)).body).toEqual({
      error: 'not found',
      path: '/missing.js',
    });
    expect((await request(app).post('/api/nothing').send({}).expect(404)).body.error).toBe('no such call');
    const bad = await request(app)
      .post('/api/nothing')
      .set('Content-Type', 'application/json')
      .send('{"half":')
      .expect(400);
    expect(bad.body.error).toMatch(/JSON/);
    const large = await request(app)
      .post('/api/nothing')
      .send({ text: 'x'.repeat(70_000) })
      .expect(413);
    expect(large.body.error).toMatch(/large/);
    expect((await request(app).get('/..%2f..%2fetc%2fpasswd')).status).toBeGreaterThanOrEqual(400);
  });

  it('asks for its token where it can be reached from outside', async () => {
    const guarded = createApp({ dist, token: 'a token of good length' });
    await request(guarded).get('/').expect(401);
    await request(guarded).get('/api/health').set('Authorization', 'Bearer wrong').expect(401);
    await request(guarded).get('/api/health').set('Authorization', 'Bearer a token of good length').expect(200);
    const opened = await request(guarded).get('/?token=a%20token%20of%20good%20length').expect(200);
    const cookie = opened.headers['set-cookie'][0];
    expect(cookie).toMatch(/HttpOnly/);
    await request(guarded).get('/').set('Cookie', cookie.split(';')[0]).expect(200);
    await request(guarded).get('/').set('Cookie', 'involucrum=%E0%A4%A').expect(401);
  });

  describe('the thermometer bridge', () => {
    const at = '2026-12-05T18:40:00Z';

    it('refuses what is no reading, and names what would be one', async () => {
      const post = (probe: string, body: object) => request(app).post(`/api/probes/${probe}/readings`).send(body);
      expect((await post('pot', { c: 'hot', at }).expect(400)).body.error).toMatch(/^c: /);
      expect((await post('pot', { c: 70, at: 'now' }).expect(400)).body.error).toContain('must be a time such as');
      expect((await post('pot', { c: 70, at, more: 1 }).expect(400)).body.error).toContain('more');
      expect((await post('no_such_name!', { c: 70, at }).expect(400)).body.error).toMatch(/^probe: /);
      await post('pot', { c: 70, at }).expect(202);
      await post('pot', { c: null, at }).expect(202);
    });

    it('hands readings to who listens, the last one at once; a simulated thermometer posts like any other', async () => {
      const bridge = probeBridge(40);
      const server = express().use(express.json()).use('/probes', bridge.router).listen(0);
      const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/probes/pot`;
      const send = (path: string, body: object) =>
        fetch(`${address}/${path}`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        });
      try {
        await send('readings', { c: 64.2, at });
        const stream = await fetch(`${address}/stream`);
        expect(stream.headers.get('content-type')).toBe('text/event-stream');
        const reader = stream.body?.getReader();
        const next = async () => {
          const { value } = (await reader?.read()) ?? {};
          return JSON.parse(
            new TextDecoder()
              .decode(value)
              .replace(/^data: /, '')
              .split('\n')[0],
          ) as ProbeReading;
        };
        expect(await next()).toEqual({ c: 64.2, at });
        const plan = {
          massG: 1500,
          composition: { water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.01 },
          startC: 90,
          depthMm: 30,
          base: 'rack',
          place: 'counter',
          covered: false,
          stirred: false,
          legs: [],
        };
        const startedAt = new Date(Date.now() - 5 * 60_000).toISOString();
        expect((await send('simulate', { plan, startedAt, seed: 4 })).status).toBe(202);
        const shown = [await next(), await next(), await next(), await next()];
        const good = shown.filter((reading) => reading.c !== null);
        expect(good.length).toBeGreaterThanOrEqual(2);
        for (const { c } of good) expect(Math.abs((c ?? 0) - 82)).toBeLessThan(12);
        expect((await send('simulate', { plan: { ...plan, depthMm: 0 }, startedAt, seed: 4 })).status).toBe(400);
        await reader?.cancel();
      } finally {
        bridge.close();
        server.close();
      }
    });

    it('holds no more probes than a kitchen has', async () => {
      const fresh = createApp({ dist });
      for (let i = 0; i < 16; i++)
        await request(fresh).post(`/api/probes/p${i}/readings`).send({ c: 1, at }).expect(202);
      await request(fresh).post('/api/probes/one-more/readings').send({ c: 1, at }).expect(429);
    });
  });

  it.each([
    [{ HOST: '0.0.0.0' }, 'set INVOLUCRUM_TOKEN'],
    [{ HOST: '0.0.0.0', INVOLUCRUM_TOKEN: 'short' }, 'at least 16 characters'],
    [{ PORT: 'eighty' }, 'is no port'],
    [{ DIST: '/nowhere' }, 'holds no build'],
  ])('does not start with %j', (env, reason) => {
    const { status, stderr } = spawnSync('node', ['--import', 'tsx', 'server/index.ts'], {
      env: { ...process.env, DIST: dist, ...env },
      encoding: 'utf8',
    });
    expect(status).toBe(2);
    expect(stderr).toContain(reason);
  });

  it.each([
    ['127.0.0.1', true],
    ['localhost', true],
    ['::1', true],
    ['0.0.0.0', false],
    ['192.168.1.4', false],
    ['127.evil.example', false],
  ])('%s is loopback: %s', (host, answer) => expect(isLoopback(host)).toBe(answer));
});
