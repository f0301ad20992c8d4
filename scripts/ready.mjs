// Makes a fresh clone ready: installs the locked packages when they are missing or old and, with --chromium, the browser the tests drive.
import { createHash } from 'node:crypto';
import { execFileSync, spawnSync } from 'node:child_process';
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
  const found = ['/usr/bin/chromium', '/usr/bin/chromium-browser', process.env.CHROMIUM_PATH].some((p) => p && existsSync(p));
  if (!found) {
    const root = process.getuid?.() === 0;
    if (!root || !existsSync('/usr/bin/apt-get')) {
      console.error(
        'The browser tests need Chromium. Install it (Debian: sudo apt-get install chromium) or set CHROMIUM_PATH to one, then run again.',
      );
      process.exit(1);
    }
    console.log('Installing Chromium through apt, about a minute …');
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    execFileSync('apt-get', ['update', '-qq'], { stdio: ['ignore', 'ignore', 'inherit'], env });
    execFileSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env,
    });
  }
}
