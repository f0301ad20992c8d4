import { spawnSync } from 'node:child_process';

/**
 * Builds the app as it ships, whatever the environment of whoever asks is called.
 * @param how.dist where it goes. @param how.cwd the project. @param how.loosely packed in less time, for tests. @param how.level what is said of it.
 * @returns whether it was built.
 */
export function buildApp(how: { dist?: string; cwd?: string; loosely?: boolean; level?: 'warn' | 'error' } = {}): boolean {
  const { dist = 'dist', cwd = '.', loosely = false, level = 'error' } = how;
  const args = ['node_modules/vite/bin/vite.js', 'build', '--logLevel', level, '--outDir', dist];
  const env = { ...process.env, NODE_ENV: 'production', ...(loosely ? { LOOSELY_PACKED: 'yes' } : {}) };
  return spawnSync(process.execPath, args, { cwd, stdio: 'inherit', env }).status === 0;
}
