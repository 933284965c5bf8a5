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

/** Of packages the core has the schema validator and the calendar: no React, no page. */
const packages = {
  name: 'packages of the core',
  severity: 'error',
  from: { path: '^src/core/', pathNot: tests },
  to: { pathNot: ['^src/', '^(node_modules/)?zod/(v4/)?mini(/|$)', '^(node_modules/)?temporal-polyfill/'] },
};

/** Nothing comes back to itself by what it imports, types included. */
const circle = { name: 'circle', severity: 'error', from: {}, to: { circular: true } };

export default {
  forbidden: [circle, packages, ...byTable],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
  },
};
