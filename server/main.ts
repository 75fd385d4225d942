import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';

/** Own data and the demo live apart: to a browser a port is an origin. */
const OWN_PORT = 4610;
const DEMO_PORT = 4620;
/** How many ports up the demo may move when its own is taken. */
const DEMO_TRIES = 20;

/** Ends with one plain sentence. */
function end(sentence: string): never {
  console.error(sentence);
  process.exit(1);
}

function asked() {
  try {
    return parseArgs({
      options: {
        demo: { type: 'boolean', default: false },
        host: { type: 'boolean', default: false },
        port: { type: 'string' },
      },
    }).values;
  } catch {
    return end('This is not understood: only --demo, --host and --port with a number may be given.');
  }
}

function portOf(text: string | undefined, usual: number): number {
  if (text === undefined) return usual;
  const port = Number(text);
  return /^\d+$/.test(text) && port >= 1 && port <= 65_535
    ? port
    : end(`“${text.slice(0, 40)}” is no port: give --port a whole number from 1 to 65535.`);
}

/** Every name and address of this machine that others on its network may ask for. */
const networkHosts = (local: readonly string[]): string[] => [
  ...local,
  hostname().toLowerCase(),
  `${hostname().toLowerCase()}.local`,
  ...Object.values(networkInterfaces())
    .flatMap((one) => one ?? [])
    .map(({ address, family }) => (family === 'IPv6' ? `[${address.toLowerCase()}]` : address)),
];

/** Why a port could not be had, in a sentence. */
const WHY: Readonly<Record<string, (port: number) => string>> = {
  EADDRINUSE: (port) =>
    `Port ${port} is taken, perhaps by Plump Pail in another window. Your data belongs to that port, so it is not moved: stop what uses it, then start again.`,
  EACCES: (port) => `Port ${port} may not be used by you: give --port a number above 1023.`,
};

const values = asked();
const dist = fileURLToPath(new URL('../dist', import.meta.url));
if (!existsSync(join(dist, 'index.html')))
  end('There is no build to serve: run “npm start” or “npm run demo”, which make one.');
const wanted = portOf(values.port, values.demo ? DEMO_PORT : OWN_PORT);
// Only now: what is asked wrongly is answered at once.
const { appFrom, LOCAL_HOSTS } = await import('./app');
const app = appFrom(dist, {
  demo: values.demo,
  hosts: values.host ? networkHosts(LOCAL_HOSTS) : LOCAL_HOSTS,
});

function listen(port: number, triesLeft: number) {
  const server = app.listen(port, values.host ? '0.0.0.0' : '127.0.0.1', (error?: NodeJS.ErrnoException) => {
    if (error?.code === 'EADDRINUSE' && values.demo && triesLeft > 0) return listen(port + 1, triesLeft - 1);
    if (error) {
      const why = Object.hasOwn(WHY, error.code ?? '') ? WHY[error.code as string] : undefined;
      end(why?.(port) ?? `The server could not start on port ${port}: give another with --port.`);
    }
    const { port: real } = server.address() as AddressInfo;
    console.log(
      `Plump Pail${values.demo ? ', the demo of Tumbledrum Lock,' : ''} is at http://127.0.0.1:${real}/`,
    );
    if (values.host) {
      console.log(
        'Others on this network reach it by this machine’s name. Without a certificate their browsers will not keep the screen awake.',
      );
    }
  });
}

listen(wanted, values.demo ? DEMO_TRIES : 0);
