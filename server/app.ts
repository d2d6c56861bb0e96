import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type ErrorRequestHandler, type Express, type RequestHandler, type Response } from 'express';
import helmet from 'helmet';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { syncRoutes, type SyncRoutesOptions } from './sync/syncRoutes';
import { weatherRoute } from './weatherRoute';

/** Hosts by which the server may be addressed: others could be a page elsewhere that rebinds its name. */
const HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]']);

const YEAR_S = 365 * 24 * 3600;

export interface AppOptions {
  readonly sharing?: Sharing;
  /** Where devices of one garden meet; without it each keeps to itself. */
  readonly sync?: SyncRoutesOptions;
}

/** For others than this machine. */
interface Sharing {
  /** Further hosts by which the server may be addressed. */
  readonly hosts: readonly string[];
  /** Lets in who may come in. */
  readonly gate: RequestHandler;
  /** The certificate that phones should trust, PEM. */
  readonly authority: string;
}

/**
 * Serves the built app.
 *
 * @param dist folder of the static export, with `csp.json` in it naming the hashes of inline scripts.
 */
export function createApp(dist: string, { sharing, sync }: AppOptions = {}): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    const host = (request.headers.host ?? '').replace(/:\d+$/, '');
    if (HOSTS.has(host) || sharing?.hosts.includes(host)) next();
    else response.status(421).type('text/plain').send('This server answers on this machine only.');
  });
  const { scripts } = JSON.parse(readFileSync(path.join(dist, 'csp.json'), 'utf8')) as { scripts: string[] };
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          'default-src': ["'self'"],
          'script-src': ["'self'", ...scripts],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
          'connect-src': ["'self'"],
          'worker-src': ["'self'"],
          'object-src': ["'none'"],
          'base-uri': ["'none'"],
          'form-action': ["'none'"],
          'frame-ancestors': ["'none'"],
        },
      },
    }),
  );
  if (sharing) {
    app.use(sharing.gate);
    app.get('/certificate.crt', (_request, response) => {
      response.type('application/x-x509-ca-cert').send(sharing.authority);
    });
  }
  // From its folder: by a whole path nothing below a folder with a dot in front would be found.
  const send = (response: Response, file: string): void => response.sendFile(file, { root: dist });
  // A service worker must be requested each time, else a new version would never be seen.
  app.get('/sw.js', (_request, response) => {
    send(response.set('Cache-Control', 'no-cache'), 'sw.js');
  });
  // Scripts were compressed when they were built: a page waits for them.
  app.use(
    '/_expo/static',
    expressStaticGzip(path.join(dist, '_expo/static'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: YEAR_S * 1000 },
    }),
  );
  app.use(compression());
  app.get('/api/weather', weatherRoute);
  if (sync) app.use('/api/sync', syncRoutes(sync));
  app.use(express.static(dist, { extensions: ['html'], redirect: false, index: 'index.html' }));
  // The static middleware would send `/garden` on to `/garden/`; the app's addresses have no such ending.
  for (const folder of foldersWithIndex(dist)) {
    app.get(`/${folder}`, (_request, response) => send(response, `${folder}/index.html`));
  }
  app.get('/fruit/:id', (_request, response) => {
    send(response, 'fruit/[id].html');
  });
  const notFound = (response: Response): void => {
    response.status(404);
    if (existsSync(path.join(dist, '+not-found.html'))) send(response, '+not-found.html');
    else response.type('text/plain').send('No such page.');
  };
  app.use((_request, response) => notFound(response));
  // Without it the answer would name files of this machine.
  const onError: ErrorRequestHandler = (error: { readonly status?: number }, _request, response, next) => {
    if (response.headersSent) next(error);
    else if (error.status === 416) response.status(416).type('text/plain').send('No such part of the file.');
    else if (error.status === undefined || error.status >= 500)
      response.status(500).type('text/plain').send('This page could not be read.');
    else notFound(response);
  };
  app.use(onError);
  return app;
}

function foldersWithIndex(dist: string): string[] {
  return readdirSync(dist, { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && existsSync(path.join(dist, entry.name, 'index.html')))
    .map(({ name }) => name);
}
