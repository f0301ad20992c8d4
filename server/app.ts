import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import staticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { brotliCompressSync } from 'node:zlib';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { demoOffer } from '../demo/offer';
import { devices } from './devices';
import { MINUTE_MS } from '../src/core/units/time';

/** The stand-in devices tell the same story after every start. */
const DEVICE_SEED = 20270103;

/** Pictures of the demo kit. */
const PICTURES = fileURLToPath(new URL('../demo/pictures', import.meta.url));

export interface ServerOptions {
  /** Folder of the built app. */
  readonly dist: string;
  /** Offer the demo kit, loaded on a first visit. */
  readonly demo: boolean;
  readonly now: () => number;
}

/** Files that pages and workers load; a worker's own script is none. */
const LOADED = /^\/assets\/(?!.*worker)/;
/** Serves the built app, the stand-in devices and, in demo mode, the demo kit. Refuses: keeping anybody's data. */
export function makeApp({ dist, demo, now }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  const guard = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        workerSrc: ["'self'", 'blob:'],
        connectSrc: ["'self'"],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        baseUri: ["'self'"],
        formAction: ["'self'"],
      },
    },
    strictTransportSecurity: false,
  });
  // What a page loads keeps to the page's own rules, and says only what it is; pages and workers bring the rules.
  app.use((request, response, next) =>
    LOADED.test(request.path) ? (response.set('X-Content-Type-Options', 'nosniff'), next()) : guard(request, response, next),
  );
  app.use(ownOnly);
  // Its days are those of the visit; to the minute is near enough. It is made small once, like the files of the app.
  let made = { atMs: -Infinity, whole: '', small: Buffer.alloc(0) };
  app.get('/api/demo', (request, response) => {
    const nowMs = now();
    if (Math.abs(nowMs - made.atMs) >= MINUTE_MS) {
      const whole = JSON.stringify({ firstVisit: demo, ...demoOffer(nowMs) });
      made = { atMs: nowMs, whole, small: brotliCompressSync(whole) };
    }
    response.set('Cache-Control', 'no-store').vary('Accept-Encoding').type('json');
    if (request.acceptsEncodings('br')) response.set('Content-Encoding', 'br').send(made.small);
    else response.send(made.whole);
  });
  app.use('/api/demo/pictures', express.static(PICTURES, { index: false }));
  app.use('/api/devices', devices(DEVICE_SEED));
  app.use('/api', (_request, response) => void response.status(404).json({ message: 'There is no such service here.' }));
  const index = join(resolve(dist), 'index.html');
  // As the build has made them small; what takes neither form gets the files as they are.
  const small = { enableBrotli: true, orderPreference: ['br', 'gz'], index: false };
  app.use(
    '/assets',
    staticGzip(join(dist, 'assets'), { ...small, serveStatic: { immutable: true, maxAge: '1y', fallthrough: false } }),
  );
  const files = staticGzip(dist, { ...small, serveStatic: { index: false } });
  app.use(files);
  // Every address is a place of the one page.
  app.get('/{*splat}', (request, response, next) => {
    request.url = '/index.html';
    if (existsSync(index)) files(request, response, next);
    else response.status(503).type('text').send('The app is not built yet. Run: npm run build');
  });
  app.use(sayFault);
  return app;
}

const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);
const nameOf = (host: string | undefined): string => (host ?? '').replace(/:\d+$/, '').toLowerCase();
/** It serves one person on one machine: it answers to that machine's own names, and a page of another site sends it nothing. */
function ownOnly(request: Request, response: Response, next: NextFunction): void {
  const refuse = (message: string): void => void response.status(403).type('text').send(message);
  if (!OWN_NAMES.has(nameOf(request.headers.host))) {
    refuse('This server answers on its own machine only: http://127.0.0.1.');
    return;
  }
  const { origin } = request.headers;
  if (origin !== undefined && request.method !== 'GET' && origin !== `http://${request.headers.host}`) {
    refuse('A page of another site may not change anything here.');
    return;
  }
  next();
}
/** What went wrong, in a sentence; nothing of how the server is made. */
function sayFault(fault: unknown, request: Request, response: Response, next: NextFunction): void {
  if (response.headersSent) {
    next(fault);
    return;
  }
  const known = typeof fault === 'object' && fault !== null && 'status' in fault ? Number(fault.status) : 500;
  const status = known >= 400 && known < 500 ? known : 500;
  const message = FAULTS[status] ?? (status < 500 ? 'The request cannot be read.' : 'Something went wrong here. Try again.');
  if (request.path.startsWith('/api')) response.status(status).json({ message });
  else response.status(status).type('text').send(message);
}
const FAULTS: Readonly<Record<number, string>> = {
  400: 'The request cannot be read.',
  404: 'There is nothing at this address.',
  413: 'The request is too large.',
};
