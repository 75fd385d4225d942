import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { bench } from './bench';

const YEAR_S = 31_536_000;

/**
 * Serves the built app from `dist`: strict headers, hashed assets cached for good, every other address answered with
 * the page, which is told whether it is the demo's kitchen.
 */
export function appFrom(dist: string, { demo }: { demo: boolean }): Express {
  const page = readFileSync(join(dist, 'index.html'), 'utf8').replace(
    'data-kitchen="own"',
    `data-kitchen="${demo ? 'demo' : 'own'}"`,
  );
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
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
    express.static(join(dist, 'assets'), { immutable: true, maxAge: YEAR_S * 1000, fallthrough: false }),
  );
  app.use(express.static(dist, { index: false, maxAge: 0 }));
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('html').send(page);
  });
  return app;
}
