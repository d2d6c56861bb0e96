/** Imports that lint's own rules do not see: circles of files and of folders, of types too. */
module.exports = {
  forbidden: [
    {
      name: 'no-circle-of-files',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circle-of-folders',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'not-to-unresolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    // Tests live in the demo's seasons, which import the core.
    exclude: { path: '\\.test\\.tsx?$|^testing/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'browser', 'default'],
      mainFields: ['module', 'main', 'types'],
    },
    cache: { folder: '.cache/dependency-cruiser', strategy: 'content' },
  },
};
