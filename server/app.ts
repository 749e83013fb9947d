/** Serves the built application: strict content policy, compression, long caching for hashed files, JSON errors for the API. */
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { timingSafeEqual } from 'node:crypto';
import path from 'node:path';
import { onlyServedAddress, type Served } from './address';
import { probeBridge } from './probes';

interface AppOptions {
  /** The folder of the build. */
  dist: string;
  /** Asked of every request where the server can be reached from outside this machine. */
  token?: string;
  /** Under which names it answers; only this machine's own where it is not said. */
  served?: Served;
}

/** Files whose names carry a content hash never change. */
const HASHED = /[.-][0-9a-f]{32}[.@]/;

export function createApp({ dist, token, served = { loopback: true, names: [] } }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          // react-native-web writes its rules into a style element.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          manifestSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          frameAncestors: ["'none'"],
          formAction: ["'none'"],
        },
      },
      // Plain HTTP on the loopback interface: nothing to upgrade to.
      strictTransportSecurity: false,
      originAgentCluster: false,
    }),
  );
  app.use(onlyServedAddress(served));
  app.use(compression());
  if (token !== undefined) app.use(requireToken(token));
  app.use('/api', express.json({ limit: '64kb', strict: true }), api());
  app.use(
    express.static(dist, {
      index: 'index.html',
      setHeaders: (response, file) =>
        response.setHeader(
          'Cache-Control',
          HASHED.test(path.basename(file)) ? 'public, max-age=31536000, immutable' : 'no-cache',
        ),
    }),
  );
  app.get('/{*path}', (request, response, next) => {
    if (path.extname(request.path) !== '') return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.join(path.resolve(dist), 'index.html'));
  });
  app.use((request, response) => {
    response.status(404).json({ error: 'not found', path: request.path });
  });
  app.use(jsonErrors);
  return app;
}

function api() {
  const router = express.Router();
  router.use('/probes', probeBridge().router);
  router.get('/health', (_request, response) => {
    response.json({ ok: true });
  });
  router.use((request, response) => {
    response.status(404).json({ error: 'no such call', path: request.originalUrl });
  });
  return router;
}

/** `Authorization: Bearer TOKEN`, or the cookie that `?token=TOKEN` sets, so that a phone can open the pages. */
function requireToken(token: string): RequestHandler {
  const matches = (given: string | undefined): boolean => {
    const a = Buffer.from(given ?? '');
    const b = Buffer.from(token);
    return a.length === b.length && timingSafeEqual(a, b);
  };
  return (request, response, next) => {
    const bearer = /^Bearer (.+)$/.exec(request.headers.authorization ?? '')?.[1];
    const cookie = /(?:^|;\s*)involucrum=([^;]+)/.exec(request.headers.cookie ?? '')?.[1];
    const query = typeof request.query.token === 'string' ? request.query.token : undefined;
    if (matches(bearer) || matches(cookie === undefined ? undefined : decode(cookie))) return next();
    if (matches(query)) {
      response.cookie('involucrum', token, { httpOnly: true, sameSite: 'strict' });
      // On to the same page without the token: it does not stay in the address bar, in the history or in a picture of it.
      if (request.method !== 'GET') return next();
      const { pathname, searchParams } = new URL(request.originalUrl, 'http://here');
      searchParams.delete('token');
      const rest = searchParams.toString();
      response.setHeader('Cache-Control', 'no-store');
      // Only ever a path here: two slashes would lead to another host.
      response.redirect(303, `${pathname.replace(/^\/{2,}/, '/')}${rest === '' ? '' : `?${rest}`}`);
      return;
    }
    response.status(401).json({ error: 'a token is needed: open the address with ?token=…' });
  };
}

function decode(text: string): string | undefined {
  try {
    return decodeURIComponent(text);
  } catch {
    return undefined;
  }
}

const jsonErrors: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const status = statusOf(error);
  if (status >= 500) console.error(error);
  response.status(status).json({ error: status >= 500 ? 'the server failed; nothing was stored' : messageOf(error) });
};

const statusOf = (error: unknown): number => {
  const status = typeof error === 'object' && error !== null && 'status' in error ? error.status : 500;
  return typeof status === 'number' && status >= 400 && status < 600 ? status : 500;
};
const messageOf = (error: unknown): string => (error instanceof Error ? error.message : 'bad request');
