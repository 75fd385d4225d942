import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { appFrom } from './app';

/** Own data and the demo live apart: to a browser a port is an origin. */
const OWN_PORT = 4610;
const DEMO_PORT = 4620;
/** How many ports up the demo may move when its own is taken. */
const DEMO_TRIES = 20;

const { values } = parseArgs({
  options: {
    demo: { type: 'boolean', default: false },
    host: { type: 'boolean', default: false },
    port: { type: 'string' },
  },
});
const dist = fileURLToPath(new URL('../dist', import.meta.url));
if (!existsSync(dist)) {
  console.error('There is no build to serve: run “npm start” or “npm run demo”, which make one.');
  process.exit(1);
}
const app = appFrom(dist, { demo: values.demo });
const wanted = values.port === undefined ? (values.demo ? DEMO_PORT : OWN_PORT) : Number(values.port);

function listen(port: number, triesLeft: number) {
  const server = app.listen(port, values.host ? '0.0.0.0' : '127.0.0.1', (error?: NodeJS.ErrnoException) => {
    if (error?.code === 'EADDRINUSE' && values.demo && triesLeft > 0) {
      listen(port + 1, triesLeft - 1);
      return;
    }
    if (error?.code === 'EADDRINUSE') {
      console.error(
        `Port ${port} is taken, perhaps by Plump Pail in another window. Your data belongs to that port, so it is not moved: stop what uses it, then start again.`,
      );
      process.exit(1);
    }
    if (error) {
      console.error(`The server could not start: ${error.message}`);
      process.exit(1);
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
