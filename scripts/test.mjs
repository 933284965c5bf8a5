import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installPackages, run } from './install.mjs';

/** Everything: types, lint and import rules, unit and reference tests, browser tests. Ends with `N passed, N failed`. */
let passed = 0;
let failed = 0;
const count = (isRight) => {
  if (isRight) passed += 1;
  else failed += 1;
};
const heading = (text) => console.log(`\n— ${text}`);

installPackages();
const { installChromium } = await import('./chromium.mjs');
installChromium();
mkdirSync('test-results', { recursive: true });

heading('types');
count(run('npx', ['tsc', '--noEmit']));
heading('lint');
count(run('npx', ['eslint', '.', '--max-warnings', '0']));
count(run('npx', ['prettier', '--check', '--log-level', 'warn', '.']));
heading('import rules');
count(run('node', ['scripts/check-imports.mjs']));
count(run('npm', ['run', '--silent', 'circles']));
heading('unused code');
count(run('npx', ['knip']));

heading('unit and reference tests');
const unit = 'test-results/unit.json';
rmSync(unit, { force: true });
const unitRun = run('npx', ['jest', '--json', `--outputFile=${unit}`]);
if (existsSync(unit)) {
  const results = JSON.parse(readFileSync(unit, 'utf8'));
  passed += results.numPassedTests;
  failed += results.numFailedTests + results.numRuntimeErrorTestSuites;
} else count(unitRun);

heading('the app');
const isBuilt = spawnSync(process.execPath, ['scripts/build.mjs'], {
  stdio: ['ignore', 'pipe', 'pipe'],
  encoding: 'utf8',
});
count(isBuilt.status === 0);
if (isBuilt.status !== 0) console.error(isBuilt.stdout, isBuilt.stderr);
else {
  count(run('npx', ['size-limit']));
  heading('browser tests');
  const browser = 'test-results/e2e.json';
  rmSync(browser, { force: true });
  const browserRun = run('npx', ['playwright', 'test'], { PLAYWRIGHT_BROWSERS_PATH: '0' });
  if (existsSync(browser)) {
    const { stats } = JSON.parse(readFileSync(browser, 'utf8'));
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected;
    if (stats.flaky > 0) console.log(`${stats.flaky} of the browser tests passed only when tried again.`);
    if (!browserRun && stats.unexpected === 0) failed += 1;
  } else count(browserRun);
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
