/** What the commands need before they can run: packages, a build, a browser. Plain Node, so that it runs before any install. */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** How the machine's Chromium is started. */
export const CHROMIUM = JSON.parse(readFileSync(join(ROOT, 'scripts/chromium.json'), 'utf8'));

/** Runs a command with its output shown; ends this program with its status when it fails. */
export function must(command, args) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit' });
  if (error) {
    console.error(`${command} could not be started: ${error.message}`);
    process.exit(1);
  }
  if (status !== 0) process.exit(status ?? 1);
}

/** Installs packages when there are none, or when the lock file is newer than what is installed. */
export function ensurePackages() {
  const installed = join(ROOT, 'node_modules/.package-lock.json');
  const fresh =
    existsSync(installed) &&
    (statSync(installed).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs || sameLock(installed));
  if (!fresh) must('npm', ['ci', '--no-audit', '--no-fund']);
}

function sameLock(installed) {
  const versions = (path) =>
    Object.entries(JSON.parse(readFileSync(path, 'utf8')).packages)
      .filter(([name, entry]) => name !== '' && !entry.optional)
      .map(([name, entry]) => `${name}@${entry.version}`)
      .sort()
      .join();
  return versions(installed) === versions(join(ROOT, 'package-lock.json'));
}

/** Builds the app into dist. */
export const build = () => must('npx', ['vite', 'build', '--logLevel', 'warn']);

/** Installs Debian's Chromium where that is allowed; otherwise says in one sentence what to run. */
export function ensureChromium() {
  if (existsSync(CHROMIUM.executablePath)) return;
  const apt = spawnSync('which', ['apt-get']).status === 0;
  if (apt && process.getuid?.() === 0) {
    must('apt-get', ['update', '-qq']);
    must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium']);
    if (existsSync(CHROMIUM.executablePath)) return;
  }
  console.error(
    `The browser tests need Chromium at ${CHROMIUM.executablePath}: install it with “sudo apt-get install chromium” and run this again.`,
  );
  process.exit(1);
}
