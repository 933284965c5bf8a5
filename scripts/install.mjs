import './check-node.mjs';
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';

const MARK = 'node_modules/.package-lock.json';

/** Runs a program to its end with its output shown; answers whether it succeeded. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  return result.status === 0;
}

/** Installs the packages of the lock file when they are missing or older than it. */
export function installPackages() {
  const isThere = existsSync(MARK) && statSync(MARK).mtimeMs >= statSync('package-lock.json').mtimeMs;
  if (isThere) return;
  console.log('Installing packages …');
  // Not `npm ci`: some registries lack optional parts for other platforms, which it takes for a lock out of step.
  // The lock's versions are installed all the same, and it is not written.
  if (run('npm', ['install', '--no-save', '--no-progress', '--no-audit', '--no-fund', '--loglevel=error'])) return;
  console.error(
    'The packages could not be installed. Check the connection to the package registry and run the command again.',
  );
  process.exit(1);
}
