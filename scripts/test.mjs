import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installChromium } from './chromium.mjs';
import { installPackages, run } from './install.mjs';

/** Everything: types, lint and import rules, unit and reference tests, browser tests. Ends with `N passed, N failed`. */
let passed = 0;
let failed = 0;
const count = (isRight) => {
  if (isRight) passed += 1;
  else failed += 1;
};
const heading = (text) => console.log(`\n— ${text}`);

const chromium = installChromium();
installPackages();
mkdirSync('test-results', { recursive: true });

/** Runs a command and shows what it says when it is done, under its heading, so that two at a time stay readable. */
const runBeside = (title, command, args) =>
  new Promise((resolve) => {
    const said = [];
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    child.stdout.on('data', (part) => said.push(part));
    child.stderr.on('data', (part) => said.push(part));
    const done = (isRight) => {
      heading(title);
      process.stdout.write(Buffer.concat(said));
      count(isRight);
      resolve(isRight);
    };
    child.on('error', () => done(false));
    child.on('close', (code) => done(code === 0));
  });

/** A build begins with an empty cache on a new machine, and takes as long as all that is read beside it. */
const read = async () => {
  await runBeside('lint and types', 'npx', ['oxlint']);
  await runBeside('format', 'npx', ['oxfmt', '--check']);
  await runBeside('import rules', 'npm', ['run', '--silent', 'imports']);
  await runBeside('whether the import rules hold', 'node', ['scripts/check-imports.mjs']);
  await runBeside('unused code', 'npx', ['knip']);
};
const [isBuilt] = await Promise.all([runBeside('the app', process.execPath, ['scripts/build.mjs']), read()]);

heading('unit and reference tests');
const unit = 'test-results/unit.json';
rmSync(unit, { force: true });
const unitRun = run('npx', ['jest', '--json', `--outputFile=${unit}`]);
if (existsSync(unit)) {
  const results = JSON.parse(readFileSync(unit, 'utf8'));
  passed += results.numPassedTests;
  failed += results.numFailedTests + results.numRuntimeErrorTestSuites;
} else count(unitRun);

if (isBuilt) {
  heading('sizes');
  count(run('npx', ['size-limit']));
  heading('browser tests');
  await chromium;
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
