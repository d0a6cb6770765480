import { join } from 'node:path';
import compression from 'compression';
import type { ErrorRequestHandler, Express, RequestHandler } from 'express';
import express from 'express';
import helmet from 'helmet';
import { standIns, Streams } from './standins/routes.ts';

const YEAR_S = 31_536_000;

/** A name that leads to this machine or into the house: nobody outside can make a browser ask here under a name of their own. */
const isOwnHost = (host: string | undefined, served: string | null): boolean => {
  const name = (host ?? '')
    .replace(/:\d+$/, '')
    .replace(/^\[|\]$/g, '')
    .toLowerCase();
  const isAddress = /^\d{1,3}(\.\d{1,3}){3}$/.test(name) || name.includes(':');
  return name === 'localhost' || isAddress || name === served?.toLowerCase() || /^[a-z0-9-]+(\.local)?$/.test(name);
};

/** The devices are for pages of this server alone. */
const ownPagesOnly =
  (served: string | null): RequestHandler =>
  (request, response, next) => {
    const { host, origin } = request.headers;
    if (!isOwnHost(host, served)) {
      response.status(421).json({ code: 'foreign-host' });
      return;
    }
    if (origin !== undefined && origin !== `http://${host ?? ''}` && origin !== `https://${host ?? ''}`) {
      response.status(403).json({ code: 'foreign-origin' });
      return;
    }
    next();
  };

/** Errors are a code: no stack, no path of this machine. */
const asJson: ErrorRequestHandler = (error: { status?: unknown; type?: unknown }, _request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const status = typeof error.status === 'number' && error.status >= 400 && error.status < 500 ? error.status : 500;
  response.status(status).json({ code: status === 500 ? 'server-error' : typeof error.type === 'string' ? error.type : 'bad-request' });
};

export type ServerOptions = {
  readonly streams?: Streams;
  /** The name it is served under, where that is none of the usual ones. */ readonly host?: string | null;
};

/** Serves the built application from `dist`, and stand-ins for devices. Nothing a cook writes ever comes here: the data stays in the browser. */
export const createServer = (dist: string, { streams = new Streams(), host = null }: ServerOptions = {}): Express => {
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
          // Pictures that the cook chooses are read from addresses of the page itself.
          imgSrc: ["'self'", 'data:', 'blob:'],
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
    ownPagesOnly(host),
    standIns(
      () => Date.now(),
      () => Math.random(),
      streams,
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
      response.status(404).json({ code: 'not-found' });
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(dist, 'index.html'));
  });
  app.use(asJson);
  return app;
};
