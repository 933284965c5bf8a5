const { '\\.[jt]sx?$': _, ...assets } = require('jest-expo/web/jest-preset').transform;

/** The words come from the folder of a language, as in tsconfig.json. */
const alias = {
  '^@/text/(.*)$': ['<rootDir>/src/text/$1', '<rootDir>/src/text/en/$1'],
  '^@/(.*)$': '<rootDir>/src/$1',
};

/** Plain TypeScript in plain Node. */
const inNode = {
  testEnvironment: 'node',
  moduleNameMapper: alias,
  transform: {
    '\\.tsx?$': '<rootDir>/scripts/esbuild-transform.cjs',
    'temporal-.*\\.js$': '<rootDir>/scripts/esbuild-transform.cjs',
  },
  // The package for dates comes as modules only.
  transformIgnorePatterns: ['node_modules/(?!temporal-)'],
};

/** The interface, in jest-expo's web preset. */
const inPage = {
  preset: 'jest-expo/web',
  setupFiles: ['<rootDir>/scripts/jsdom-page.cjs'],
  transform: { ...assets, '\\.m?[jt]sx?$': '<rootDir>/scripts/esbuild-transform.cjs' },
  moduleNameMapper: { '^react-native$': 'react-native-web', ...alias },
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-modules-core|@tamagui/.*|lucide-react-native|temporal-[a-z]+)/?)',
  ],
};

/**
 * `core` and `ui` are the unit tests, to be run after every change. `outside` checks the whole core against what lies
 * outside it: references, batch, long random runs, recipes. `places` are whole places in a page without a browser.
 */
module.exports = {
  // The usual one fewer than there are processors leaves half of a small machine idle.
  maxWorkers: '100%',
  // What is tested is that things come about, not how soon on a busy machine.
  testTimeout: 120_000,
  projects: [
    { ...inNode, displayName: 'core', testMatch: ['<rootDir>/src/{core,text,keys,state,workers}/**/*.test.ts'] },
    { ...inNode, displayName: 'outside', testMatch: ['<rootDir>/{batch,reference,demo,server,soak}/**/*.test.ts'] },
    { ...inPage, displayName: 'ui', testMatch: ['<rootDir>/src/{ui,platform,state}/**/*.test.tsx'] },
    {
      ...inPage,
      displayName: 'places',
      testMatch: ['<rootDir>/src/places/**/*.test.tsx', '<rootDir>/recipes/*.test.tsx'],
    },
  ],
};
