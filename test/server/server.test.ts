import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import request from 'supertest';
import { spawnSync } from 'node:child_process';
import { createServer, request as httpRequest } from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import express from 'express';
import { type ProbeEvent, probeBridge } from '../../server/probes';
import { isServedAs } from '../../server/address';
import { createApp } from '../../server/app';
import { PATIENCE, patientServer } from '../../server/patience';
import { readSettings } from '../../server/settings';
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
    // The first visit leads on to the same page without the token.
    const opened = await request(guarded).get('/batch/a/fill?token=a%20token%20of%20good%20length&x=1').expect(303);
    expect(opened.headers.location).toBe('/batch/a/fill?x=1');
    expect(opened.headers['cache-control']).toBe('no-store');
    const elsewhere = await request(guarded).get('//evil.example/?token=a%20token%20of%20good%20length').expect(303);
    expect(elsewhere.headers.location).toMatch(/^\/(?!\/)/);
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
      let now = Date.now();
      const bridge = probeBridge(40, () => now);
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
        let text = '';
        const next = async (): Promise<ProbeEvent> => {
          for (;;) {
            const event = /^data: (.+)\n\n/m.exec(text);
            if (event) {
              text = text.slice(event.index + event[0].length);
              return JSON.parse(event[1]) as ProbeEvent;
            }
            const { value } = (await reader?.read()) ?? {};
            if (value === undefined) throw new Error('the stream has ended');
            text += new TextDecoder().decode(value);
          }
        };
        expect(await next()).toMatchObject({ probe: 'pot', c: 64.2, at, simulated: false });
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
        // Under a real probe's name nothing is simulated.
        expect((await send('simulate', { plan, startedAt, seed: 4 })).status).toBe(409);
        now += 16 * 60_000;
        expect(
          (await send('simulate', { plan, startedAt: new Date(now - 5 * 60_000).toISOString(), seed: 4 })).status,
        ).toBe(202);
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

    it('holds no more probes than a kitchen has; only a valid reading takes a place, and an idle one gives it back', async () => {
      let now = 0;
      const bridge = probeBridge(1000, () => now);
      const fresh = express().use(express.json()).use('/probes', bridge.router);
      const post = (probe: string, body: object) => request(fresh).post(`/probes/${probe}/readings`).send(body);
      for (let i = 0; i < 40; i++) await post(`bad-${i}`, { c: 'hot', at }).expect(400);
      for (let i = 0; i < 16; i++) await post(`p${i}`, { c: 1, at }).expect(202);
      await post('one-more', { c: 1, at }).expect(429);
      now = 10 * 60_000;
      await post('p3', { c: 2, at }).expect(202);
      now = 16 * 60_000;
      await post('one-more', { c: 1, at }).expect(202);
      const { body } = await request(fresh).get('/probes').expect(200);
      expect(body.probes.map((p: ProbeEvent) => p.probe)).toEqual(['p3', 'one-more']);
      expect(body.probes[0]).toMatchObject({ c: 2, ageMs: 6 * 60_000 });
    });
  });

  describe('answers only under its own address', () => {
    const at = '2026-12-05T18:40:00Z';
    const server = createServer(app);
    let port = 0;
    beforeAll(async () => {
      await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
      ({ port } = server.address() as AddressInfo);
    });
    afterAll(() => void server.close());
    const ask = (headers: Record<string, string>, method = 'POST') =>
      new Promise<number>((resolve, reject) => {
        const body = method === 'GET' ? undefined : JSON.stringify({ c: 14, at });
        const path = method === 'GET' ? '/' : '/api/probes/pot/readings';
        httpRequest({ port, method, path, headers: { 'content-type': 'application/json', ...headers } }, (response) => {
          response.resume();
          resolve(response.statusCode ?? 0);
        })
          .on('error', reject)
          .end(body);
      });

    it.each([
      ['itself', {}, 202],
      ['localhost', { host: `localhost:PORT` }, 202],
      ['a rebound name', { host: `evil.example:PORT` }, 421],
      ['a name that only begins like it', { host: `127.0.0.1.evil.example:PORT` }, 421],
      ['another port', { host: '127.0.0.1:1' }, 421],
      ['its own page', { origin: 'http://127.0.0.1:PORT', host: '127.0.0.1:PORT' }, 202],
      ['a page elsewhere', { origin: 'http://evil.example' }, 403],
      ['a page of nowhere', { origin: 'null' }, 403],
      ['a page of another site', { 'sec-fetch-site': 'cross-site' }, 403],
    ])('%s', async (_what, headers, status) => {
      const named = Object.fromEntries(
        Object.entries(headers).map(([key, value]) => [key, String(value).replace('PORT', String(port))]),
      );
      expect(await ask(named)).toBe(status);
    });

    it('pages, too', async () => {
      expect(await ask({ host: `evil.example:${port}` }, 'GET')).toBe(421);
      expect(await ask({}, 'GET')).toBe(200);
    });

    it('beyond this machine by its numbers, its own name, and the names it was told', () => {
      const served = { loopback: false, names: ['Kitchen.example'] };
      expect(isServedAs('192.168.1.4:8377', 8377, served)).toBe(true);
      expect(isServedAs('[fe80::1]:8377', 8377, served)).toBe(true);
      expect(isServedAs('kitchen.example', 8377, served)).toBe(true);
      expect(isServedAs('evil.example', 8377, served)).toBe(false);
      expect(isServedAs(undefined, 8377, served)).toBe(false);
    });
  });

  it('lets half a header and half a body go; nobody waits longer than ten seconds', async () => {
    const { headersMs, requestMs, lookEveryMs } = PATIENCE;
    expect(Math.max(headersMs, requestMs) + lookEveryMs).toBeLessThan(10_000);
    const patience = { headersMs: 300, requestMs: 500, lookEveryMs: 100 };
    const server = patientServer(createApp({ dist }), patience);
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    const half = (text: string) =>
      new Promise<boolean>((resolve) => {
        const socket = connect(port, '127.0.0.1', () => socket.write(text));
        socket.resume();
        socket.on('close', () => resolve(true));
        socket.on('error', () => undefined);
      });
    const head = `POST /api/probes/pot/readings HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Type: application/json\r\n`;
    const gone = await Promise.all([half(head), half(`${head}Content-Length: 40\r\n\r\n{"c":`)]);
    expect(gone).toEqual([true, true]);
    server.close();
  });

  const settingsOf = (env: Record<string, string>, hasBuild = true) => readSettings(env, () => hasBuild);

  it('an empty PORT is the usual one', () => {
    expect(settingsOf({ PORT: '', HOST: ' ' })).toMatchObject({ settings: { port: 8377, host: '127.0.0.1' } });
    expect(settingsOf({ PORT: '0' })).toMatchObject({ settings: { port: 0 } });
  });

  it('beyond this machine it asks for the token; on it, for none', () => {
    const token = 'sixteen-letters-and-more';
    expect(settingsOf({ INVOLUCRUM_TOKEN: token })).toMatchObject({ settings: { token: undefined } });
    expect(settingsOf({ HOST: '0.0.0.0', INVOLUCRUM_TOKEN: token, INVOLUCRUM_NAMES: 'hut.example, ' })).toMatchObject({
      settings: { token, served: { loopback: false, names: ['hut.example'] } },
    });
  });

  it.each([
    [{ HOST: '0.0.0.0' }, 'set INVOLUCRUM_TOKEN'],
    [{ HOST: '0.0.0.0', INVOLUCRUM_TOKEN: 'short' }, 'at least 16 characters'],
    [{ HOST: '0.0.0.0', INVOLUCRUM_TOKEN: '    short            ' }, 'not blank'],
    [{ PORT: 'eighty' }, 'is no port'],
    [{ PORT: '70000' }, 'is no port'],
  ])('is not started with %j', (env, reason) =>
    expect(settingsOf(env)).toEqual({ refused: expect.stringContaining(reason) as string }),
  );

  it('is not started without a build: as a process it says so and ends with status 2', () => {
    expect(settingsOf({ DIST: '/nowhere' }, false)).toEqual({
      refused: expect.stringContaining('holds no build') as string,
    });
    const { status, stderr } = spawnSync('node', ['--import', 'tsx', 'server/index.ts'], {
      env: { ...process.env, DIST: '/nowhere' },
      encoding: 'utf8',
    });
    expect(status).toBe(2);
    expect(stderr).toMatch(/^\S*nowhere holds no build/);
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
