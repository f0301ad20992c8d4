import compression from 'compression';
import express, { type Express } from 'express';
import staticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { makeDemoKit } from '../demo/kit';
import { devices } from './devices';

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

/** Serves the built app, the stand-in devices and, in demo mode, the demo kit. Refuses: keeping anybody's data. */
export function makeApp({ dist, demo, now }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
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
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use('/api/demo', compression());
  app.get('/api/demo', (_request, response) => {
    response.set('Cache-Control', 'no-store').json({ firstVisit: demo, ...makeDemoKit(now()) });
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
  app.use(staticGzip(dist, { ...small, serveStatic: { index: false } }));
  app.get('/{*splat}', (_request, response) => {
    if (existsSync(index)) response.sendFile(index);
    else response.status(503).type('text').send('The app is not built yet. Run: npm run build');
  });
  return app;
}
