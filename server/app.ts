import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import compressed from 'express-static-gzip';
import helmet from 'helmet';
import { bench } from './bench';

const YEAR_S = 31_536_000;

/** Names this machine answers to by itself. */
export const LOCAL_HOSTS: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

const UNKNOWN_HOST =
  'This address is not one this kitchen answers to: open it by the address that was printed when it started.';

/** Whether a request asked for this machine by a name it answers to: a stranger's name may be a stranger's page. */
function knownHost(header: string | undefined, hosts: readonly string[]): boolean {
  const name = header?.replace(/:\d+$/, '').toLowerCase();
  return name !== undefined && hosts.includes(name);
}

/** Every error in one plain sentence; no path, no stack. */
const plainErrors: ErrorRequestHandler = (error, _request, response, _next) => {
  const status = Number((error as { status?: unknown }).status) || 500;
  if (response.headersSent) return void response.end();
  const text =
    status === 404
      ? 'There is no such file here.'
      : status < 500
        ? 'This request cannot be read: send JSON as docs/instruments.md describes it.'
        : 'Something went wrong on the server; nothing on your device is lost. Try again.';
  if (status >= 500) console.error(`The server could not answer: ${(error as Error).name}.`);
  response.status(status).set('Cache-Control', 'no-store').type('text').send(text);
};

/**
 * Serves the built app from `dist`: strict headers, hashed assets cached for good, every other address answered with
 * the page, which is told whether it is the demo's kitchen.
 */
export function appFrom(
  dist: string,
  { demo, hosts = LOCAL_HOSTS }: { demo: boolean; hosts?: readonly string[] },
): Express {
  const page = readFileSync(join(dist, 'index.html'), 'utf8').replace(
    'data-kitchen="own"',
    `data-kitchen="${demo ? 'demo' : 'own'}"`,
  );
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    if (knownHost(request.headers.host, hosts)) return next();
    response.status(421).type('text').send(UNKNOWN_HOST);
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          // Weeks are laid by a solver compiled to WebAssembly; nothing else is compiled at run time.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          // Parts of the interface place themselves with style attributes and a style element of their own.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      frameguard: { action: 'deny' },
      // Served on this machine or its own network, often without a certificate.
      strictTransportSecurity: false,
    }),
  );
  // Before compression, which would hold readings back.
  app.use(
    '/bench',
    bench(() => process.uptime() * 1000),
  );
  app.use(compression());
  app.use(
    '/assets',
    compressed(join(dist, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: YEAR_S * 1000, fallthrough: false },
    }),
  );
  app.use(express.static(dist, { index: false, maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('html').send(page);
  });
  app.use(plainErrors);
  return app;
}
