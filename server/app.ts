import express from 'express';
import type { Express, NextFunction, Request, Response } from 'express';
import staticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { STATUS_CODES } from 'node:http';
import { join, resolve } from 'node:path';

export type ServerOptions = Readonly<{
  /** The folder of the exported app. */
  root: string;
  /** The file that an empty store is offered, when there is one. */
  demoNotebook: string | null;
}>;

/** Names under this carry a hash of their contents, so they never change. */
const HASHED = /\/_expo\/static\//;
const A_YEAR = 'public, max-age=31536000, immutable';

const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      // The interface kit writes its rules into a style element.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  crossOriginEmbedderPolicy: { policy: 'require-corp' },
  crossOriginOpenerPolicy: { policy: 'same-origin' },
  crossOriginResourcePolicy: { policy: 'same-origin' },
  // Served over plain http on a local network too; a proxy that speaks https sets this itself.
  strictTransportSecurity: false,
});

/** The app needs none of these; reading and writing the clipboard stays allowed. */
const PERMISSIONS = ['accelerometer', 'camera', 'display-capture', 'geolocation', 'gyroscope', 'magnetometer']
  .concat('microphone', 'midi', 'payment', 'usb')
  .map((name) => `${name}=()`)
  .join(', ');

/** What a request can cause that goes wrong, such as a range past the end: told by its status, without our own lines. */
function answerFailure(error: unknown, _req: Request, res: Response, next: NextFunction): void {
  if (res.headersSent) return next(error);
  const { status, statusCode, headers: own } = error as { status?: number; statusCode?: number; headers?: object };
  const code = status ?? statusCode ?? 500;
  if (own !== undefined) res.set(own as Record<string, string>);
  res
    .status(code)
    .type('text')
    .send(STATUS_CODES[code] ?? 'Failed');
  return undefined;
}

/** The server of the built app: static files, precompressed; the index for every route of the app; nothing else. */
export function createApp({ root, demoNotebook }: ServerOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(headers);
  app.use((_req, res, next) => {
    res.set('Permissions-Policy', PERMISSIONS);
    next();
  });
  app.get('/healthz', (_req, res) => {
    res.set('Cache-Control', 'no-store').json({ ok: existsSync(join(root, 'index.html')) });
  });
  app.get('/demo-notebook.json', (_req, res) => {
    res.set('Cache-Control', 'no-store');
    if (demoNotebook === null) res.status(204).end();
    else res.sendFile(resolve(demoNotebook), { dotfiles: 'allow' });
  });
  const files = staticGzip(root, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    serveStatic: {
      setHeaders: (res, path) => {
        res.setHeader('Cache-Control', HASHED.test(path) ? A_YEAR : 'no-cache');
      },
    },
  });
  app.use(files);
  app.use((req: Request, res: Response, next: NextFunction) => {
    const isRoute = (req.method === 'GET' || req.method === 'HEAD') && !/\.[a-z0-9]+$/i.test(req.path);
    if (!isRoute) return res.status(404).type('text').send('Not found');
    req.url = '/index.html';
    return files(req, res, next);
  });
  app.use(answerFailure);
  return app;
}
