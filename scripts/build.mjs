import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { installPackages, run } from './install.mjs';
import { writeLicences } from './licences.mjs';
import { writeServiceWorker } from './service-worker.mjs';
import { newestChange } from './sources.mjs';

const OUT = 'dist';
const MARK = join(OUT, '.built');
const SOURCES = [
  'app',
  'src',
  'public',
  'app.json',
  'babel.config.js',
  'index.ts',
  'metro',
  'metro.config.js',
  'package-lock.json',
  'tsconfig.json',
  'scripts/build.mjs',
  'scripts/licences.mjs',
  'scripts/service-worker.mjs',
];
const COMPRESSED = /\.(js|css|html|json|svg|txt|webmanifest)$/;

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
  );

/** Writes a .br and a .gz beside every text file. */
async function precompress() {
  const files = filesIn(OUT).filter((file) => COMPRESSED.test(file));
  await Promise.all(
    files.map(async (file) => {
      const bytes = readFileSync(file);
      const [br, gz] = await Promise.all([
        promisify(brotliCompress)(bytes, {
          params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length },
        }),
        promisify(gzip)(bytes, { level: 9 }),
      ]);
      writeFileSync(`${file}.br`, br);
      writeFileSync(`${file}.gz`, gz);
    }),
  );
}

/**
 * Tells the browser that all of the first script is needed at once, so that it is compiled while it comes, beside the
 * main thread (measured: a tenth less time until a key can be pressed). Browsers that do not know the line pass over it.
 */
function hintFirstScript() {
  const folder = join(OUT, '_expo', 'static', 'js', 'web');
  for (const name of readdirSync(folder).filter((file) => file.startsWith('index-')))
    writeFileSync(join(folder, name), `//# allFunctionsCalledOnLoad\n${readFileSync(join(folder, name), 'utf8')}`);
}

/** Builds the app for the web, unless the last build is newer than every source. */
export async function build() {
  installPackages();
  if (existsSync(MARK) && statSync(MARK).mtimeMs > newestChange(SOURCES)) return;
  console.log('Building the app …');
  rmSync(OUT, { recursive: true, force: true });
  const isBuilt = run('npx', ['expo', 'export', '-p', 'web', '--output-dir', OUT, '--source-maps'], {
    EXPO_OFFLINE: '1',
    EXPO_NO_TELEMETRY: '1',
    CI: '1',
  });
  if (!isBuilt) {
    console.error('The app could not be built; the lines above say why.');
    process.exit(1);
  }
  await writeLicences(OUT, JSON.parse(readFileSync('.cache/bundles/packages.json', 'utf8')));
  hintFirstScript();
  await writeServiceWorker(OUT);
  await precompress();
  writeFileSync(MARK, '');
}

if (import.meta.url === `file://${process.argv[1]}`) await build();
