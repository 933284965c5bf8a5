import { ESLint } from 'eslint';

/*
 * A lint rule that is set up wrongly passes everything. Each of these must be refused, or be let through.
 */
const cases = [
  { file: 'src/core/number/rational.ts', imports: "import '@/ui/theme/palette';", refused: true },
  { file: 'src/core/number/rational.ts', imports: "import 'react';", refused: true },
  { file: 'src/core/number/rational.ts', imports: "import '../language/tree';", refused: true },
  { file: 'src/core/language/tree.ts', imports: "import '../number/rational';", refused: true },
  { file: 'src/ui/key/Key.tsx', imports: "import '@/state/store';", refused: true },
  { file: 'src/state/store.ts', imports: "import '@/screens/bench/Bench';", refused: true },
  { file: 'server/app.ts', imports: "import '@/core/base/span';", refused: true },
  { file: 'src/core/number/rational.ts', imports: 'export const now = Date.now();', refused: true },
  { file: 'src/core/evaluate/evaluate.ts', imports: "import '../number/rational';", refused: false },
  { file: 'src/screens/bench/Bench.tsx', imports: "import '@/state/store';", refused: false },
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
