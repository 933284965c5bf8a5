import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { cruise } from 'dependency-cruiser';
import imports from '../.dependency-cruiser.mjs';

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
  { file: 'src/core/base/react.ts', code: "import 'react';", isRefused: true },
  { file: 'src/core/base/files.ts', code: "import 'node:fs';", isRefused: true },
  { file: 'src/core/base/zod.ts', code: "import 'zod';", isRefused: true },
  { file: 'src/core/base/mini.ts', code: "import 'zod/mini';", isRefused: false },
  { file: 'src/core/base/react.test.ts', code: "import 'react';", isRefused: false },
];
/** What the core may not name, which lint refuses. */
const named = [
  { file: 'src/core/base/clock.ts', code: 'export const now = Date.now();', isRefused: true },
  { file: 'src/core/base/dice.ts', code: 'export const x = Math.random();', isRefused: true },
  { file: 'src/core/base/dice.test.ts', code: 'export const x = Math.random();', isRefused: false },
  { file: 'src/state/clock.ts', code: 'export const now = Date.now();', isRefused: false },
];
const there = [
  'src/ui/theme/palette.ts',
  'src/core/language/tree.ts',
  'src/core/number/rational.ts',
  'src/core/base/span.ts',
  'src/state/store.ts',
  'src/places/bench/Bench.tsx',
];

/** A house of its own with these files. */
function builtHouse(those) {
  const house = mkdtempSync(join(tmpdir(), 'imports-'));
  for (const { file, code } of those) {
    mkdirSync(dirname(join(house, file)), { recursive: true });
    writeFileSync(join(house, file), `${code}\n`);
  }
  return house;
}

/** The files that break the table. */
async function breakTable() {
  const house = builtHouse([...files, ...there.map((file) => ({ file, code: 'export const x = 1;' }))]);
  const { forbidden, options } = imports;
  const { output } = await cruise(
    ['.'],
    { ...options, tsConfig: undefined, baseDir: house, ruleSet: { forbidden }, validate: true },
    { alias: { '@': join(house, 'src') }, extensions: ['.ts', '.tsx'] },
  );
  rmSync(house, { recursive: true });
  return output.summary.violations.map(({ from }) => from);
}

/** The files in which lint finds something; without types, which these have no need of. */
function breakLint() {
  const house = builtHouse(named);
  const { options: _, ...rules } = JSON.parse(stripped(readFileSync('.oxlintrc.json', 'utf8')));
  writeFileSync(join(house, '.oxlintrc.json'), JSON.stringify(rules));
  const { stdout } = spawnSync(resolve('node_modules/.bin/oxlint'), ['--format', 'json'], { cwd: house });
  rmSync(house, { recursive: true });
  return JSON.parse(stdout).diagnostics.map(({ filename }) => filename);
}
const stripped = (text) => text.replaceAll(/^\s*\/\/.*$/gm, '');

const refused = new Set([...(await breakTable()), ...breakLint()]);
const cases = [...files, ...named];
const wrong = cases.filter(({ file, isRefused }) => refused.has(file) !== isRefused);
for (const { file, code, isRefused } of wrong)
  console.error(`${file}: “${code}” should be ${isRefused ? 'refused' : 'let through'} by the import rules.`);
if (wrong.length > 0) process.exit(1);
console.log(`The import rules hold (${cases.length} cases).`);
