import { ESLint } from 'eslint';

/*
 * A lint rule that is set up wrongly passes everything. Each of these must be refused, or be let through.
 */
const cases = [
  {
    file: 'src/core/number/rational.ts',
    imports: "import * as x from '@/ui/theme/palette'; export { x };",
    refused: true,
  },
  { file: 'src/core/number/rational.ts', imports: "import * as x from 'react'; export { x };", refused: true },
  {
    file: 'src/core/number/rational.ts',
    imports: "import * as x from '../language/tree'; export { x };",
    refused: true,
  },
  {
    file: 'src/core/language/tree.ts',
    imports: "import * as x from '../number/rational'; export { x };",
    refused: true,
  },
  { file: 'src/ui/key/Key.tsx', imports: "import * as x from '@/state/store'; export { x };", refused: true },
  { file: 'src/state/store.ts', imports: "import * as x from '@/places/bench/Bench'; export { x };", refused: true },
  { file: 'server/app.ts', imports: "import * as x from '@/core/base/span'; export { x };", refused: true },
  { file: 'src/core/number/rational.ts', imports: 'export const now = Date.now();', refused: true },
  {
    file: 'src/core/evaluate/evaluate.ts',
    imports: "import * as x from '../number/rational'; export { x };",
    refused: false,
  },
  { file: 'src/places/bench/Bench.tsx', imports: "import * as x from '@/state/store'; export { x };", refused: false },
];

const eslint = new ESLint();
let wrong = 0;
for (const { file, imports, refused } of cases) {
  const [result] = await eslint.lintText(`${imports}\n`, { filePath: file });
  const rules = result.messages.map((m) => m.ruleId ?? '');
  const isRefused = rules.some((rule) => rule.startsWith('boundaries/') || rule.startsWith('no-restricted-'));
  if (isRefused === refused) continue;
  wrong += 1;
  console.error(`${file}: “${imports}” should be ${refused ? 'refused' : 'let through'} by the import rules.`);
}
if (wrong > 0) process.exit(1);
console.log(`The import rules hold (${cases.length} cases).`);
