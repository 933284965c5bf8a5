import { folderOf, importTable } from './import-table.mjs';

const names = Object.keys(importTable);
const within = (folders) => `^(${folders.map(folderOf).join('|')})/`;
const tests = ['\\.test\\.tsx?$', '^src/[^/]+/testing/'];

/** What each folder imports beside itself and what stands in its row. */
const byTable = names.map((name) => ({
  name: `imports of ${name}`,
  severity: 'error',
  from: { path: within([name]), pathNot: tests },
  to: {
    path: '^(src|app|server|batch|bench|demo|recipes|soak|reference|e2e)/',
    pathNot: within([name, ...importTable[name]]),
  },
}));

/** Nothing comes back to itself by what it imports, types included. */
const circle = { name: 'circle', severity: 'error', from: {}, to: { circular: true } };

export default {
  forbidden: [circle, ...byTable],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules' },
  },
};
