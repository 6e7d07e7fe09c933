/** Packages are ES modules, so Jest runs with --experimental-vm-modules (see `test:unit`). */
export default {
  testEnvironment: 'node',
  // Left to itself, Jest leaves one of two cores idle.
  maxWorkers: '100%',
  roots: ['<rootDir>/core/src', '<rootDir>/web/src', '<rootDir>/server/src'],
  setupFilesAfterEnv: ['<rootDir>/scripts/jest-setup.ts'],
  // A busy machine is slow; nothing here measures time.
  testTimeout: 60_000,
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  moduleNameMapper: {
    '^@rimbo/core$': '<rootDir>/core/src/index.ts',
    '\\?url$': '<rootDir>/web/test/assetUrl.ts',
  },
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      {
        jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
        module: { type: 'es6' },
        sourceMaps: 'inline',
      },
    ],
  },
}
