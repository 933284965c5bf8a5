import { spawn } from 'node:child_process';
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

/** In one command, so that it runs on while this program does something else. */
const quietly = (command) =>
  new Promise((resolve) => {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    const child = spawn('sh', ['-c', command], { stdio: ['ignore', 'ignore', 'inherit'], env });
    child.on('error', () => resolve(false));
    child.on('close', (code) => resolve(code === 0));
  });

/** Installs Debian's Chromium when there is no browser yet; ends with a sentence when that needs someone else. */
export async function installChromium() {
  if (chromiumPath() !== '') return;
  const isRoot = process.getuid?.() === 0;
  console.log('Installing Chromium for the browser tests …');
  const apt = isRoot ? 'apt-get' : 'sudo -n apt-get';
  const isDone = await quietly(`${apt} update -qq && ${apt} install -y -qq --no-install-recommends chromium`);
  if (isDone && chromiumPath() !== '') return;
  console.error(
    isRoot
      ? 'Chromium could not be installed with apt-get. Install a Chromium by hand and set CHROMIUM to its path, then run npm test again.'
      : 'The browser tests need Chromium, and installing it needs root. Run “sudo apt-get install chromium” once (or set CHROMIUM to the path of one), then npm test again.',
  );
  process.exit(1);
}
