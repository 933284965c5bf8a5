import { build } from 'esbuild';
import { existsSync, mkdirSync } from 'node:fs';
import { newestChange } from './sources.mjs';

/** Bundles a TypeScript entry for Node into .cache, only when a source is newer; answers the file's path. */
export async function bundled(entry, name, folders) {
  const out = new URL(`../.cache/${name}.mjs`, import.meta.url).pathname;
  mkdirSync(new URL('../.cache', import.meta.url), { recursive: true });
  if (existsSync(out) && newestChange([out]) >= newestChange(folders)) return out;
  await build({
    entryPoints: [entry],
    outfile: out,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    target: 'node20',
    tsconfig: 'tsconfig.json',
    logLevel: 'error',
  });
  return out;
}
