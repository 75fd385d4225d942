import { createHash } from 'node:crypto';
import type { Plugin } from 'vite';
import { DEMO_FILE } from './demoData.ts';

/**
 * The keeper that serves the app, whole and of one version, with or without a server. It never takes over while a window is open: a
 * newer one waits until the last window is closed, so that no running make has its code changed under it, reloaded or not.
 */
const keeper = (cache: string, files: readonly string[]): string => `const CACHE = ${JSON.stringify(cache)};
const FILES = ${JSON.stringify(files)};

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll(FILES)));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== CACHE).map((name) => caches.delete(name)))),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin) return;
  if (request.mode === 'navigate') {
    event.respondWith(caches.match('/').then((kept) => kept ?? fetch(request)));
    return;
  }
  if (FILES.includes(url.pathname)) {
    event.respondWith(caches.match(url.pathname).then((kept) => kept ?? fetch(request)));
  }
});
`;

/** Writes the keeper beside the built app, with the list of everything built; its name changes when anything does. */
export function offline(): Plugin {
  return {
    name: 'offline',
    apply: 'build',
    generateBundle(_options, bundle) {
      const files = ['/', '/pail.svg', '/app.webmanifest', ...Object.keys(bundle).map((file) => `/${file}`)]
        .filter((file) => file !== '/index.html' && file !== `/${DEMO_FILE}`)
        .sort();
      const mark = createHash('sha256').update(files.join('\n')).digest('hex').slice(0, 12);
      this.emitFile({ type: 'asset', fileName: 'sw.js', source: keeper(`plump-pail-${mark}`, files) });
    },
  };
}
