const { buildSync } = require('esbuild');
const { transformSync } = require('@babel/core');
const { mkdirSync, readdirSync, readFileSync, writeFileSync } = require('node:fs');
const { dirname, join, relative, resolve } = require('node:path');

/*
 * What the page needs of the records of functions: how they are called, read and shown. The rest, with which the workers
 * work them out, is left out of one file that takes the place of `core/function/described.ts` in the built app
 * (measured: 30 kB of the first load).
 */

const root = join(__dirname, '..');
const FUNCTIONS = join(root, 'src', 'core', 'function');
/** Shared with what tells of distributions, which takes these files as they are. */
const CHANCE = join(FUNCTIONS, 'chance');
const OUT = join(root, '.cache', 'described');

const RECORDS = new Set(['defineFunction', 'defineBinder', 'defineMatrixFunction']);
/** What of a record is for working it, as the type in described.ts lists it. */
const [, list] = /type Worked =([^;]+);/.exec(readFileSync(join(FUNCTIONS, 'described.ts'), 'utf8')) ?? [];
const WORKED = new Set([...(list ?? '').matchAll(/'(\w+)'/g)].map(([, name]) => name));
if (WORKED.size === 0) throw new Error('described.ts does not list what of a record is for working it.');

/** Takes the worked parts out of the records, then whatever at the top of the file nothing uses any more. */
const withoutWork = () => ({
  visitor: {
    CallExpression({ node }) {
      const [given] = node.arguments;
      if (node.callee.type !== 'Identifier' || !RECORDS.has(node.callee.name)) return;
      if (given?.type !== 'ObjectExpression') return;
      given.properties = given.properties.filter((property) => !WORKED.has(property.key?.name));
    },
    Program: {
      exit(path) {
        for (let isDone = false; !isDone;) {
          path.scope.crawl();
          const unused = Object.values(path.scope.bindings).filter(
            ({ referenced, path: of }) => !referenced && !of.parentPath?.parentPath?.isExportNamedDeclaration(),
          );
          for (const { path: of } of unused) of.remove();
          isDone = unused.length === 0;
        }
        path.node.body = path.node.body.filter(
          (part) => part.type !== 'ImportDeclaration' || part.specifiers.length > 0,
        );
      },
    },
  },
});

const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? filesIn(join(folder, entry.name))
      : /\.ts$/.test(entry.name) && !/\.test\./.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  );

/** Writes the file and answers where it is. */
function describedFile() {
  for (const file of filesIn(FUNCTIONS).filter((name) => !name.startsWith(CHANCE))) {
    const { code } = transformSync(readFileSync(file, 'utf8'), {
      filename: file,
      babelrc: false,
      configFile: false,
      presets: [[require.resolve('@babel/preset-typescript'), { onlyRemoveTypeImports: false }]],
      plugins: [withoutWork],
    });
    const to = join(OUT, 'parts', relative(FUNCTIONS, file).replace(/\.ts$/, '.js'));
    mkdirSync(dirname(to), { recursive: true });
    // What lies outside the folder is the same module as everywhere else.
    const placed = code.replace(/from (["'])(\.{1,2}\/[^"']+)\1/g, (whole, _quote, path) => {
      const target = resolve(dirname(file), path);
      return target.startsWith(FUNCTIONS) && !target.startsWith(CHANCE) ? whole : `from ${JSON.stringify(target)}`;
    });
    writeFileSync(to, placed);
  }
  const file = join(OUT, 'described.js');
  buildSync({
    entryPoints: [join(OUT, 'parts', 'described.js')],
    outfile: file,
    bundle: true,
    format: 'esm',
    external: [join(root, 'src', 'core', '*')],
    logLevel: 'error',
  });
  return file;
}

module.exports = { describedFile };
