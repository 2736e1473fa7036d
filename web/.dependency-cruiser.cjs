/** What may lean on what in the web client. `npm run house` holds it. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      comment: 'Two files that lean on each other are one file, or a third is missing.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'only-by-the-index',
      comment: 'What a feature shows to others stands in its index; nothing else of it is reached into.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/.+', pathNot: ['^src/features/$1/', '^src/features/[^/]+/index\\.ts$'] },
    },
    {
      name: 'data-knows-no-view',
      comment: 'What is asked of the server is known by what shows it, and not the other way.',
      severity: 'error',
      from: { path: '^src/(api|data)/' },
      to: { path: '^src/(features|drawn)/|^src/[A-Z]' },
    },
    {
      name: 'drawing-and-widgets-know-no-feature',
      severity: 'error',
      from: { path: '^src/(drawn|shell)/' },
      to: { path: '^src/features/|^src/[A-Z]' },
    },
    {
      name: 'features-know-no-page',
      comment: 'Where a page stands and what is round it is said at the top alone.',
      severity: 'error',
      from: { path: '^src/features/' },
      to: { path: '^src/[A-Z]' },
    },
    {
      name: 'only-tests-know-the-testing-page',
      severity: 'error',
      from: { pathNot: '\\.test\\.tsx?$|^src/testing/' },
      to: { path: '^src/testing/' },
    },
    {
      name: 'no-orphans',
      comment: 'What nobody uses goes.',
      severity: 'error',
      from: { orphan: true, pathNot: ['\\.d\\.ts$', '\\.test\\.tsx?$', '^src/main\\.tsx$'] },
      to: {},
    },
    {
      name: 'no-unlisted-package',
      severity: 'error',
      from: { pathNot: '\\.test\\.tsx?$|^src/testing/' },
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown', 'npm-dev', 'unknown', 'undetermined'], dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.json', '.css'] },
  },
};
