const transform = {
  '\\.(tsx?|mjs|js)$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: {
          legacyDecorator: true,
          decoratorMetadata: true,
          useDefineForClassFields: false,
          react: { runtime: 'automatic' },
        },
        target: 'es2022',
      },
      module: { type: 'commonjs' },
    },
  ],
};
const common = {
  transform,
  setupFiles: ['<rootDir>/packages/core/src/testing/examples.ts'],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@upfell/core$': '<rootDir>/packages/core/src/index.ts',
    // The package names no entry for CommonJS, which Jest resolves by.
    '^convert$': '<rootDir>/node_modules/convert/dist/index.cjs',
  },
  transformIgnorePatterns: ['node_modules/(?!(d3|d3-[a-z-]+|internmap|delaunator|robust-predicates)/)'],
  modulePathIgnorePatterns: ['/dist/'],
};

module.exports = {
  projects: [
    { ...common, displayName: 'core', rootDir: __dirname, testMatch: ['<rootDir>/packages/**/*.test.ts'] },
    {
      ...common,
      displayName: 'server',
      rootDir: __dirname,
      testMatch: ['<rootDir>/apps/server/**/*.test.ts'],
    },
    {
      ...common,
      displayName: 'web',
      rootDir: __dirname,
      testEnvironment: 'jsdom',
      setupFilesAfterEnv: ['<rootDir>/apps/web/src/testing/setup.ts'],
      testMatch: ['<rootDir>/apps/web/**/*.test.{ts,tsx}'],
    },
    ...(process.env.UPFELL_E2E
      ? [{ ...common, displayName: 'browser', rootDir: __dirname, testMatch: ['<rootDir>/e2e/**/*.test.ts'] }]
      : []),
  ],
};
