import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { delimiter, join } from 'node:path';

const NAMES = ['chromium', 'chromium-browser', 'google-chrome'];

/** The browser on the PATH (or the one that CHROMIUM names); an empty string when there is none. */
export function chromiumPath() {
  if (process.env.CHROMIUM) return process.env.CHROMIUM;
  for (const folder of (process.env.PATH ?? '').split(delimiter))
    for (const name of NAMES) if (existsSync(join(folder, name))) return join(folder, name);
  return '';
}

const quietly = (command, args) =>
  spawnSync(command, args, {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  }).status === 0;

/** Installs Debian's Chromium when there is no browser yet; ends with a sentence when that needs someone else. */
export function installChromium() {
  if (chromiumPath() !== '') return;
  const isRoot = process.getuid?.() === 0;
  const sudo = isRoot ? [] : ['sudo', '-n'];
  console.log('Installing Chromium for the browser tests …');
  const [first, ...rest] = [...sudo, 'apt-get'];
  const isDone =
    quietly(first, [...rest, 'update', '-qq']) && quietly(first, [...rest, 'install', '-y', '-qq', 'chromium']);
  if (isDone && chromiumPath() !== '') return;
  console.error(
    isRoot
      ? 'Chromium could not be installed with apt-get. Install a Chromium by hand and set CHROMIUM to its path, then run npm test again.'
      : 'The browser tests need Chromium, and installing it needs root. Run “sudo apt-get install chromium” once (or set CHROMIUM to the path of one), then npm test again.',
  );
  process.exit(1);
}
