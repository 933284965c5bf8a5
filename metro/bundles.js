const { buildSync } = require('esbuild');
const { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } = require('node:fs');
const { join } = require('node:path');

/*
 * Packages whose modules are put together ahead of the bundler, each with what the sources import of it: the bundler
 * ships a package whole and starts every module of it by itself (measured: a third of the time until a key can be
 * pressed was the starting of modules). What several of them share comes out as files that they share.
 */

const PACKAGES = [
  '@tamagui/core',
  '@tamagui/dialog',
  '@tamagui/input',
  '@tamagui/radio-group',
  '@tamagui/select',
  '@tamagui/switch',
  '@tamagui/tabs',
  '@tanstack/react-virtual',
  '@dnd-kit/core',
  '@dnd-kit/sortable',
  '@dnd-kit/utilities',
  'react-native-svg',
  'temporal-polyfill/fns/PlainDate',
  'zod/mini',
];

/** Of these a package of the registry imports more than the sources do: the icons, and the charts over labels. */
const ALSO = {
  'react-native-svg':
    'Circle ClipPath Defs Ellipse G Line LinearGradient Path Polygon Polyline Rect Stop Svg Text default',
};

const root = join(__dirname, '..');
const OUT = join(root, '.cache', 'bundles');

const sourcesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? sourcesIn(join(folder, entry.name))
      : /\.tsx?$/.test(entry.name) && !/\.test\./.test(entry.name)
        ? [readFileSync(join(folder, entry.name), 'utf8')]
        : [],
  );

/** What is imported by name: `{ Tabs as KitTabs, type X }` gives Tabs. */
const namesIn = (list) =>
  list
    .split(',')
    .map((part) => part.trim().split(' as ')[0])
    .filter((name) => name !== '' && !name.startsWith('type '));

function importedFrom(name, sources) {
  const quoted = name.replace(/[/-]/g, '\\$&');
  const pattern = new RegExp(`import (?!type)(?:(\\w+)(?:, )?)?(?:\\{([^}]*)\\})? ?from '${quoted}'`, 'g');
  const found = new Set((ALSO[name] ?? '').split(' ').filter((part) => part !== ''));
  for (const source of sources)
    for (const [, whole, list] of source.matchAll(pattern)) {
      if (whole !== undefined) found.add('default');
      for (const part of namesIn(list ?? '')) found.add(part);
    }
  return [...found].sort();
}

/** The validator is imported as one object, whose members are counted. */
function membersOf(object, sources) {
  const found = new Set();
  const pattern = new RegExp(`\\b${object}\\.(\\w+)\\(`, 'g');
  for (const source of sources)
    if (source.includes("import { z } from 'zod/mini'"))
      for (const [, name] of source.matchAll(pattern)) found.add(name);
  return [...found].sort();
}

const fileOf = (name) => name.replace(/[@/]+/g, '-').replace(/^-/, '');

/** An entry of a package: it exports what is used. */
function entryOf(name, sources) {
  if (name !== 'zod/mini') return `export { ${importedFrom(name, sources).join(', ')} } from '${name}';\n`;
  const members = membersOf('z', sources).map((member) => `${member}: all.${member}`);
  return `import * as all from '${name}';\nexport const z = { ${members.join(', ')} };\n`;
}

/** Puts the packages together and answers the file of each, by its name. */
function bundlePackages() {
  const sources = [...sourcesIn(join(root, 'src')), ...sourcesIn(join(root, 'app'))];
  const entries = join(OUT, 'entries');
  rmSync(OUT, { recursive: true, force: true });
  mkdirSync(entries, { recursive: true });
  for (const name of PACKAGES) writeFileSync(join(entries, `${fileOf(name)}.js`), entryOf(name, sources));
  const { metafile } = buildSync({
    entryPoints: PACKAGES.map((name) => join(entries, `${fileOf(name)}.js`)),
    outdir: OUT,
    outbase: entries,
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'browser',
    target: 'es2022',
    mainFields: ['browser', 'module', 'main'],
    conditions: ['browser', 'module'],
    resolveExtensions: ['.web.js', '.mjs', '.js', '.json'],
    external: ['react', 'react-dom', 'react-native', 'react-native-web'],
    define: {
      'process.env.NODE_ENV': '"production"',
      'process.env.TAMAGUI_TARGET': '"web"',
      'process.env.EXPO_OS': '"web"',
    },
    minifySyntax: true,
    legalComments: 'none',
    metafile: true,
  });
  // What ships is named with its licence (scripts/licences.mjs).
  const inputs = Object.keys(metafile.inputs).map((file) => /.*node_modules\/((?:@[^/]+\/)?[^/]+)\//.exec(file)?.[1]);
  writeFileSync(join(OUT, 'packages.json'), JSON.stringify([...new Set(inputs)].filter((name) => name !== undefined)));
  return new Map(PACKAGES.map((name) => [name, join(OUT, `${fileOf(name)}.js`)]));
}

module.exports = { bundlePackages };
