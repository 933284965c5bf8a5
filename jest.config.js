const alias = { '^@/(.*)$': '<rootDir>/src/$1' };

/** Core and its tables run in plain Node; the interface in jest-expo's web preset. */
module.exports = {
  // The usual one fewer than there are processors leaves half of a small machine idle.
  maxWorkers: '100%',
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: [
        '<rootDir>/src/{core,text,keys,state,workers}/**/*.test.ts',
        '<rootDir>/{batch,reference,demo,server,soak}/**/*.test.ts',
      ],
      moduleNameMapper: alias,
      transform: { '\\.tsx?$': '<rootDir>/scripts/esbuild-transform.cjs' },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo/web',
      setupFiles: ['<rootDir>/scripts/jsdom-page.cjs'],
      transform: { '\\.mjs$': ['babel-jest', { configFile: './babel.config.js' }] },
      testMatch: ['<rootDir>/src/{ui,places,platform,state}/**/*.test.tsx', '<rootDir>/recipes/*.test.tsx'],
      moduleNameMapper: alias,
      transformIgnorePatterns: [
        'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|expo-modules-core|@tamagui/.*|lucide-react-native)/?)',
      ],
    },
  ],
};
