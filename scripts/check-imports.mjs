import { Linter } from 'eslint';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { cruise } from 'dependency-cruiser';
import { parser } from 'typescript-eslint';
import imports from '../.dependency-cruiser.mjs';
import { coreRules } from '../eslint.config.mjs';

/*
 * A rule that is set up wrongly passes everything. Each of these must be refused, or be let through.
 */
const files = [
  { file: 'src/core/number/paint.ts', code: "import '@/ui/theme/palette';", isRefused: true },
  { file: 'src/core/number/tree.ts', code: "import '../language/tree';", isRefused: true },
  { file: 'src/core/number/types.ts', code: "import type { x } from '../language/tree';", isRefused: true },
  { file: 'src/core/language/number.ts', code: "import '../number/rational';", isRefused: true },
  { file: 'src/ui/key/Key.tsx', code: "import '@/state/store';", isRefused: true },
  { file: 'src/state/place.ts', code: "import '@/places/bench/Bench';", isRefused: true },
  { file: 'server/app.ts', code: "import '../src/core/base/span';", isRefused: true },
  { file: 'src/text/en/back.ts', code: "import './there';", isRefused: true },
  // A circle is told once, of the first of its files.
  { file: 'src/text/en/there.ts', code: "export * from './back';", isRefused: false },
  { file: 'src/core/evaluate/number.ts', code: "import '../number/rational';", isRefused: false },
  { file: 'src/core/number/tree.test.ts', code: "import '../language/tree';", isRefused: false },
  { file: 'src/places/bench/state.tsx', code: "import '@/state/store';", isRefused: false },
];
const there = [
  'src/ui/theme/palette.ts',
  'src/core/language/tree.ts',
  'src/core/number/rational.ts',
  'src/core/base/span.ts',
  'src/state/store.ts',
  'src/places/bench/Bench.tsx',
];

/** The files that break the table, were these in a house of their own. */
async function refusedFiles() {
  const house = mkdtempSync(join(tmpdir(), 'imports-'));
  const write = (file, text) => {
    mkdirSync(dirname(join(house, file)), { recursive: true });
    writeFileSync(join(house, file), text);
  };
  for (const { file, code } of files) write(file, `${code}\n`);
  for (const file of there) write(file, 'export const x = 1;\n');
  const { forbidden, options } = imports;
  const { output } = await cruise(
    ['.'],
    { ...options, tsConfig: undefined, baseDir: house, ruleSet: { forbidden }, validate: true },
    { alias: { '@': join(house, 'src') }, extensions: ['.ts', '.tsx'] },
  );
  rmSync(house, { recursive: true });
  return new Set(output.summary.violations.map(({ from }) => from));
}

/** What no part of the core may name. */
const restricted = [
  { code: "import * as x from 'react'; export { x };", isRefused: true },
  { code: "import * as x from 'zod'; export { x };", isRefused: true },
  { code: "import * as x from 'zod/mini'; export { x };", isRefused: false },
  { code: "import * as x from '../base/span'; export { x };", isRefused: false },
  { code: 'export const now = Date.now();', isRefused: true },
  { code: 'export const x = Math.random();', isRefused: true },
];
const isRestricted = (code) => new Linter().verify(code, { languageOptions: { parser }, rules: coreRules }).length > 0;

const refused = await refusedFiles();
const wrong = [
  ...files.filter(({ file, isRefused }) => refused.has(file) !== isRefused).map((it) => ({ ...it, where: it.file })),
  ...restricted
    .filter(({ code, isRefused }) => isRestricted(code) !== isRefused)
    .map((it) => ({ ...it, where: 'core' })),
];
for (const { where, code, isRefused } of wrong)
  console.error(`${where}: “${code}” should be ${isRefused ? 'refused' : 'let through'} by the import rules.`);
if (wrong.length > 0) process.exit(1);
console.log(`The import rules hold (${files.length + restricted.length} cases).`);
