import { join } from 'node:path';
import compression from 'compression';
import type { Express } from 'express';
import express from 'express';
import helmet from 'helmet';
import { standIns } from './standins/routes.ts';

const YEAR_S = 31_536_000;

/** Serves the built application from `dist`, and stand-ins for devices. Nothing a cook writes ever comes here: the data stays in the browser. */
export const createServer = (dist: string): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          // The notes' icons in the style sheet are data addresses.
          imgSrc: ["'self'", 'data:'],
          workerSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Plain HTTP on loopback: there is nothing to upgrade to.
      strictTransportSecurity: false,
    }),
  );
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
    next();
  });
  app.use(
    '/api',
    standIns(
      () => Date.now(),
      () => Math.random(),
    ),
  );
  app.use(compression());
  app.get('/api/health', (_request, response) => {
    response.json({ ok: true });
  });
  app.use(
    express.static(dist, {
      index: false,
      setHeaders: (response, file) => {
        // Built assets carry a hash in their name; everything else must be asked for again.
        response.setHeader('Cache-Control', file.includes(join(dist, 'assets')) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
      },
    }),
  );
  app.get('/{*splat}', (request, response) => {
    // A path with an extension is a file that isn't there; everything else is a station.
    if (/\.[a-z0-9]+$/i.test(request.path) || request.path.startsWith('/api/')) {
      response.status(404).type('text').send('not found');
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(dist, 'index.html'));
  });
  return app;
};
