// Makes a fresh clone ready: installs the locked packages when they are missing or old and, with --chromium, the browser the tests drive.
import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';

const stampFile = 'node_modules/.umbrastic-stamp';
const stamp = createHash('sha256').update(readFileSync('package-lock.json')).update(process.version).digest('hex');
const installed = existsSync(stampFile) && readFileSync(stampFile, 'utf8') === stamp;

if (!installed) {
  console.log('Installing the locked packages (npm ci), about half a minute …');
  const run = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: 'inherit',
    shell: process.platform === 'win32',
  });
  if (run.status !== 0) {
    console.error('npm ci did not finish. Check the network and the registry setting, then run the same command again.');
    process.exit(1);
  }
  mkdirSync('node_modules', { recursive: true });
  writeFileSync(stampFile, stamp);
}

if (process.argv.includes('--chromium')) {
  // As scripts/chromium.ts looks for it; that cannot be read before the packages are there.
  const places = [process.env.CHROMIUM_PATH, ...['-headless-shell', '', '-browser'].map((end) => `/usr/bin/chromium${end}`)];
  if (!places.some((p) => p && existsSync(p))) {
    const root = process.getuid?.() === 0;
    if (!root || !existsSync('/usr/bin/apt-get')) {
      console.error(
        'The browser tests need Chromium. Install it (Debian: sudo apt-get install chromium-headless-shell) or set CHROMIUM_PATH to one, then run again.',
      );
      process.exit(1);
    }
    console.log('Installing Chromium through apt, about half a minute …');
    const apt = (...args) =>
      spawnSync('apt-get', ['-qq', ...args], {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0;
    apt('update');
    const install = (name) => apt('install', '-y', '--no-install-recommends', name);
    // Older systems have it only together with its windows.
    if (!install('chromium-headless-shell') && !install('chromium')) {
      console.error(
        'Chromium could not be installed. Check the network and the sources of apt, then run the same command again.',
      );
      process.exit(1);
    }
  }
}
