/** The house rules that a machine can hold. Core folders stand in order: each may look only downwards. */
const order = [
  'units',
  'weather',
  'container',
  'mix',
  'plant',
  'place',
  'fit',
  'water',
  'feed',
  'diagnosis',
  'harvest',
  'garden',
  'season',
]

const downwards = order.slice(0, -1).map((folder, index) => ({
  name: `core-${folder}-looks-down`,
  severity: 'error',
  from: { path: `^core/src/${folder}/` },
  to: { path: `^core/src/(${order.slice(index + 1).join('|')})/` },
}))

module.exports = {
  forbidden: [
    ...downwards,
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-folders-by-their-index',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/' },
      to: { path: '^core/src/([^/]+)/', pathNot: ['^core/src/$1/', '^core/src/[^/]+/index\\.ts$'] },
    },
    {
      name: 'core-index-by-folder-index',
      severity: 'error',
      from: { path: '^core/src/index\\.ts$' },
      to: { path: '^core/src/', pathNot: '^core/src/[^/]+/index\\.ts$' },
    },
    {
      name: 'season-rooms-by-their-index',
      severity: 'error',
      from: { path: '^core/src/season/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^core/src/season/',
        pathNot: ['^core/src/season/$1/', '^core/src/season/[^/]+/index\\.ts$'],
      },
    },
    {
      name: 'season-rooms-see-only-course',
      comment:
        'Jobs gather what is due of every room, the walk goes through it, the start tells of both, and a check asks what a pot was given.',
      severity: 'error',
      from: {
        path: '^core/src/season/(?!walk/|jobs/|start/|diagnosis/|stores/)([^/]+)/',
        pathNot: '\\.test\\.ts$',
      },
      to: {
        path: '^core/src/season/',
        pathNot: ['^core/src/season/$1/', '^core/src/season/course/'],
      },
    },
    {
      name: 'season-jobs-see-no-walk',
      severity: 'error',
      from: { path: '^core/src/season/jobs/' },
      to: { path: '^core/src/season/walk/' },
    },
    {
      name: 'season-course-sees-no-room',
      severity: 'error',
      from: { path: '^core/src/season/course/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/season/', pathNot: '^core/src/season/course/' },
    },
    {
      name: 'season-index-by-room-index',
      severity: 'error',
      from: { path: '^core/src/season/index\\.ts$' },
      to: { path: '^core/src/season/', pathNot: '^core/src/season/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: { path: ['^web/', '^server/', '^demo/'] },
    },
    {
      name: 'core-has-no-platform',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-uses-few-packages',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: {
        path: 'node_modules/',
        pathNot:
          'node_modules/(zod|papaparse|suncalc|d3-array|d3-polygon|d3-random|ml-levenberg-marquardt|ml-matrix|ical-generator|jstat|@types/papaparse|@types/d3-array|@types/d3-polygon|@types/d3-random)/',
      },
    },
    {
      name: 'web-enters-core-by-its-door',
      severity: 'error',
      from: { path: '^(web|server)/' },
      to: { path: '^core/src/', pathNot: '^core/src/index\\.ts$' },
    },
    {
      name: 'drawing-knows-no-store',
      comment: 'Drawings take props and give events.',
      severity: 'error',
      from: { path: '^web/src/drawing/' },
      to: { path: '^web/src/(stores|data|views)/' },
    },
    {
      name: 'views-do-not-touch-the-database',
      severity: 'error',
      from: { path: '^web/src/(views|drawing|ui)/' },
      to: { path: '^web/src/data/(database|repository)' },
    },
    {
      name: 'no-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\?url$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
      extensions: ['.ts', '.vue', '.js', '.mjs'],
    },
  },
}
