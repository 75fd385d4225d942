/** `npm start` and `npm run demo`: installs what is missing, builds, serves. */
import { spawn } from 'node:child_process';
import { build, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts', ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
