/** Who may import whom: the table of docs/architecture.md, read by the lint rule. A folder may always import itself. */
const core = [
  'base',
  'number',
  'notation',
  'function',
  'language',
  'evaluate',
  'solve',
  'line',
  'format',
  'memory',
  'curve',
  'column',
  'chart',
  'keyed',
  'running',
  'stack',
  'notebook',
];
const allCore = core.map((name) => `core/${name}`);

export const importTable = {
  'core/base': [],
  'core/number': ['core/base'],
  'core/notation': ['core/base'],
  'core/function': ['core/base', 'core/number', 'core/notation'],
  'core/language': ['core/base', 'core/notation', 'core/function'],
  'core/evaluate': ['core/base', 'core/language', 'core/function', 'core/number'],
  'core/solve': ['core/base', 'core/language', 'core/function', 'core/number', 'core/evaluate'],
  'core/line': ['core/base', 'core/language', 'core/function', 'core/notation'],
  'core/format': ['core/base', 'core/number', 'core/language'],
  'core/memory': ['core/base', 'core/number'],
  'core/curve': ['core/base', 'core/language', 'core/function', 'core/number', 'core/evaluate', 'core/solve'],
  'core/column': ['core/base', 'core/language', 'core/number', 'core/evaluate'],
  'core/chart': ['core/base', 'core/number', 'core/curve', 'core/column'],
  'core/keyed': ['core/base', 'core/function', 'core/language', 'core/evaluate', 'core/line'],
  'core/running': ['core/base', 'core/language', 'core/keyed'],
  'core/stack': ['core/base', 'core/keyed'],
  'core/notebook': [
    'core/base',
    'core/number',
    'core/format',
    'core/line',
    'core/memory',
    'core/column',
    'core/chart',
    'core/keyed',
    'core/running',
    'core/stack',
  ],
  keys: allCore,
  text: [...allCore, 'keys'],
  workers: [...allCore, 'text'],
  platform: [],
  state: [...allCore, 'platform', 'workers', 'keys'],
  ui: [...allCore, 'keys', 'text', 'platform'],
  places: [...allCore, 'ui', 'state', 'keys', 'text', 'platform'],
  app: ['places'],
  server: [],
  batch: [...allCore, 'keys', 'state', 'text', 'workers'],
  bench: allCore,
  demo: [...allCore, 'keys', 'state', 'workers'],
  soak: [...allCore, 'keys', 'state', 'demo', 'batch'],
  recipes: [...allCore, 'batch', 'keys', 'places', 'state', 'text', 'ui', 'workers'],
  reference: [],
  e2e: ['keys'],
};

/** Where each of them lives. */
export const folderOf = (name) =>
  ['app', 'server', 'batch', 'bench', 'demo', 'recipes', 'soak', 'reference', 'e2e'].includes(name)
    ? name
    : `src/${name}`;
