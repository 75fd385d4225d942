/** What the commands need before they can run: packages, a build, a browser. Plain Node, so that it runs before any install. */
import { spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
/** How the machine's Chromium is started. */
export const CHROMIUM = JSON.parse(readFileSync(join(ROOT, 'scripts/chromium.json'), 'utf8'));

/** What a machine says when it cannot write, in a sentence of ours. */
const CANNOT_WRITE = [
  [/ENOSPC|no space left/i, 'The disk is full: free some space, then run this again.'],
  [
    /EROFS|EACCES|EPERM|read-only file system|permission denied/i,
    'This folder may not be written to: put Plump Pail where you may write, or ask who owns it.',
  ],
];

const BUILD_FAILS = 'The app could not be built.';

/** Runs a command quietly; where it fails, one sentence says why, or its own output where only that can tell. */
function quietly(command, args, failing) {
  const { status, stdout, stderr, error } = spawnSync(command, args, {
    cwd: ROOT,
    encoding: 'utf8',
    maxBuffer: 64_000_000,
    // Whoever asks, a test runner too: what is built is what is served.
    env: failing === BUILD_FAILS ? { ...process.env, NODE_ENV: 'production' } : process.env,
  });
  if (!error && status === 0) return;
  const said = `${stdout ?? ''}${stderr ?? ''}${error?.message ?? ''}`;
  const known = CANNOT_WRITE.find(([sign]) => sign.test(said));
  if (!known) console.error(said);
  console.error(known?.[1] ?? failing);
  process.exit(1);
}

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
  if (fresh) return;
  console.log('Fetching the packages it is built with; this takes a minute or two, once.');
  quietly(
    'npm',
    ['ci', '--no-audit', '--no-fund', '--loglevel=error'],
    'The packages could not be fetched: look whether this machine reaches its package registry.',
  );
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

const DIST = join(ROOT, 'dist');
const NEXT = join(ROOT, '.dist-next');
/** Parts of earlier builds are kept as long as a page may stay open, ms. */
const KEPT_MS = 30 * 24 * 3_600_000;

/**
 * Builds the app aside and swaps it in file by file: a build that fails changes nothing, and pages that are open go on
 * finding their parts, which have names of their own.
 */
export function build() {
  console.log('Building.');
  try {
    rmSync(NEXT, { recursive: true, force: true });
    quietly(
      process.execPath,
      [
        'node_modules/vite/bin/vite.js',
        'build',
        '--logLevel',
        'warn',
        '--outDir',
        '.dist-next',
        '--emptyOutDir',
      ],
      BUILD_FAILS,
    );
    for (const part of readdirSync(join(NEXT, 'assets'))) compress(join(NEXT, 'assets', part));
    mkdirSync(join(DIST, 'assets'), { recursive: true });
    const parts = readdirSync(join(NEXT, 'assets'));
    for (const part of parts) swapIn(join('assets', part));
    for (const file of readdirSync(NEXT)) if (file !== 'assets') swapIn(file);
    const now = Date.now();
    for (const part of readdirSync(join(DIST, 'assets'))) {
      const path = join(DIST, 'assets', part);
      if (!parts.includes(part) && now - statSync(path).mtimeMs > KEPT_MS) rmSync(path);
    }
    rmSync(NEXT, { recursive: true, force: true });
  } catch (error) {
    const known = CANNOT_WRITE.find(([sign]) => sign.test(`${error.code} ${error.message}`));
    console.error(known?.[1] ?? `The app could not be built: ${error.code ?? error.message}.`);
    process.exit(1);
  }
}

/** Fonts are packed already. */
const PACKS = /\.(js|css|json|svg)$/;

/** Packs a part once, as it is built, so that no visit waits for it. */
function compress(path) {
  if (!PACKS.test(path)) return;
  const bytes = readFileSync(path);
  writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
  writeFileSync(`${path}.br`, brotliCompressSync(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }));
}

/** Puts one file of the new build in the place of the old one, whole at any moment. */
function swapIn(file) {
  const from = join(NEXT, file);
  if (statSync(from).isDirectory()) {
    mkdirSync(join(DIST, file), { recursive: true });
    for (const inner of readdirSync(from)) swapIn(join(file, inner));
  } else renameSync(from, join(DIST, file));
}

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
