import { readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';

const FONTS = [
  { name: 'Atkinson Hyperlegible Next', file: 'public/fonts/LICENSE-atkinson-next.txt' },
  { name: 'Noto Sans Math', file: 'public/fonts/LICENSE-noto-sans-math.txt' },
];

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));

/** The packages of which there is anything in the built scripts, by the source maps that were made beside them. */
function shippedPackages(maps) {
  const names = new Set();
  for (const map of maps)
    for (const source of JSON.parse(readFileSync(map, 'utf8')).sources) {
      const found = /.*node_modules\/((?:@[^/]+\/)?[^/]+)\//.exec(source);
      if (found !== null) names.add(found[1]);
    }
  return names;
}

/**
 * Writes licences.json: what ships in the app, packages and fonts, each with the text of its licence; then takes the
 * source maps away. `bundled`: packages that were put together before the maps were made.
 */
export async function writeLicences(folder, bundled) {
  const { init } = await import('license-checker-rseidelsohn');
  const maps = filesIn(folder).filter((file) => file.endsWith('.map'));
  const shipped = shippedPackages(maps);
  for (const name of bundled) shipped.add(name);
  for (const map of maps) rmSync(map);
  for (const script of filesIn(folder).filter((file) => file.endsWith('.js'))) {
    const text = readFileSync(script, 'utf8');
    writeFileSync(script, text.replace(/\n\/\/# source(MappingURL|URL)=\S+/g, ''));
  }
  const found = await promisify(init)({ start: process.cwd(), customFormat: { licenseText: '' } });
  const packages = Object.entries(found)
    .map(([id, { licenses, licenseText }]) => {
      const at = id.lastIndexOf('@');
      return { name: id.slice(0, at), version: id.slice(at + 1), licence: `${licenses}`, text: licenseText ?? '' };
    })
    .filter(({ name }) => shipped.has(name));
  const fonts = FONTS.map(({ name, file }) => ({
    name,
    version: '',
    licence: 'OFL-1.1',
    text: readFileSync(file, 'utf8'),
  }));
  writeFileSync(join(folder, 'licences.json'), JSON.stringify([...fonts, ...packages]));
}
