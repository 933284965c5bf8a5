import { FIRST_USE } from '@/core/notebook/columns';
import type { DataTable, AnalysisOptions } from '@/core/notebook/columns';
import { DEFAULT_SETTINGS, EMPTY_DOCUMENT } from '@/state/slices/parts';
import { chartRequest, columnsRequest, fitRequest, summaryRequest } from '@/state/slices/columns/requests';
import type { LineRequest } from './answer';
import { createColumnTasks } from './tasks/columns';
import { performerOf } from './tasks/define';
import type { ColumnTasks } from './tasks/columns';

const shouldContinue = () => true;
const perform = performerOf(createColumnTasks());
const state = { document: EMPTY_DOCUMENT, settings: DEFAULT_SETTINGS };

function ask<K extends keyof ColumnTasks>(kind: K, request: ColumnTasks[K]['request'] | null) {
  if (request === null) throw new Error('nothing to ask');
  return perform(
    { kind, request } as Parameters<typeof perform>[0],
    shouldContinue,
    () => 0n,
  ) as ColumnTasks[K]['result'];
}

function work<K extends keyof ColumnTasks>(kind: K, request: ColumnTasks[K]['request'] | null) {
  const result = ask(kind, request);
  if (!result.ok) throw new Error(result.problem.code);
  return result as Extract<ColumnTasks[K]['result'], { ok: true }>;
}

/** A table from the texts of its columns. */
const table = (columns: readonly string[], use: Partial<AnalysisOptions> = {}): DataTable => ({
  id: 't1',
  name: 'T',
  columns: columns.map((cells, i) => ({
    id: `c${i + 1}`,
    name: 'ABC'[i]!,
    unit: '',
    rule: '',
    cells: cells === '' ? [] : cells.split(' ').map((cell) => (cell === '_' ? '' : cell)),
  })),
  use: { ...FIRST_USE, ...use },
  filter: '',
});

const statistics = (of: DataTable): Record<string, string> => {
  const answer = ask('summary', summaryRequest(state, of));
  if (!answer.ok) return { problem: answer.problem.code };
  const { result, flags } = answer.value;
  if (result === null) return { flags: flags.map(({ column, row }) => `${column}:${row}`).join(' ') };
  return Object.fromEntries([
    ...result.statistics.map(({ id, shown }) => [id, shown?.forms[0]?.typed ?? 'none']),
    ['modes', result.modes.map((ends) => ends.map(({ forms }) => forms[0]!.typed).join('–')).join(' ')],
    ['proposed', result.proposed === null ? '' : `${result.proposed.kind} ${result.proposed.value}`],
  ]) as Record<string, string>;
};

test.each<readonly [string, DataTable, Record<string, string>]>([
  ['plain', table(['1 2 2 5']), { n: '4', sum: '10', mean: '5/2', s: 'sqrt(3)', median: '2', modes: '2' }],
  ['of roots', table(['sqrt(2) -sqrt(2)']), { n: '2', min: '-1.414213562', max: '1.414213562' }],
  ['of degrees and minutes', table([`12°30' 13°30'`]), { mean: '13' }],
  ['with gaps passed over', table(['1 _ 3']), { n: '2', mean: '2' }],
  ['with frequencies', table(['1 2', '3 1'], { frequencies: 'c2' }), { n: '4', sum: '5', mean: '5/4' }],
  ['with a missing frequency', table(['1 2', '3'], { frequencies: 'c2' }), { flags: 'c2:1' }],
  ['with half a frequency', table(['1 2', '3 1/2'], { frequencies: 'c2' }), { flags: 'c2:1' }],
  ['with a word', table(['1 harbour 3']), { flags: 'c1:1' }],
  ['with nothing in it', table(['']), { problem: 'domain' }],
  [
    'in classes by both bounds',
    table(['0 10', '10 30', '5 5'], { classes: 'both', upper: 'c2', frequencies: 'c3' }),
    { n: '10', mean: '25/2', min: '0', max: '30', median: '10', modes: '0–10', proposed: '' },
  ],
  [
    'in classes by lower bounds',
    table(['0 10 20', '1 2 1'], { classes: 'lower', frequencies: 'c2' }),
    { mean: '15', median: '15', proposed: 'last-end 30' },
  ],
  [
    'in classes by all their edges',
    table(['0 10 20 40', '1 2 1'], { classes: 'lower', frequencies: 'c2' }),
    { n: '4', mean: '65/4', max: '40', proposed: '' },
  ],
  [
    'in classes that overlap',
    table(['0 5', '10 20', '1 1'], { classes: 'both', upper: 'c2', frequencies: 'c3' }),
    { flags: 'c1:1' },
  ],
  [
    'of a pair',
    table(['1 2 3', '2 4 7'], { of: 'pair' }),
    { n: '3', sumX: '6', sumY: '13', sumXX: '14', sumYY: '69', sumXY: '31', meanX: '2' },
  ],
  ['of a pair of unequal lengths', table(['1 2 3', '2 4'], { of: 'pair' }), { flags: 'c2:2' }],
])('a summary %s', (_, of, expected) => expect(statistics(of)).toMatchObject(expected));

test('what is summed up is kept with full digits, and marked as rounded where its values are no fractions', () => {
  const answer = work('summary', summaryRequest(state, table(['sqrt(2) 1'])));
  const mean = answer.value.result!.statistics.find(({ id }) => id === 'mean')!.shown!;
  expect(mean.full).toBe('1.2071067811865475244008443621048490392848359376885');
  expect(mean.forms.map(({ exact, settled }) => [exact, settled])).toEqual([[false, true]]);
});

test.each<readonly [string, DataTable, object]>([
  ['points', table(['0 1 2', '5 7 6']), { marks: { kind: 'points', xs: [0, 1, 2], ys: [5, 7, 6], rows: [0, 1, 2] } }],
  ['joined points', table(['0 1 2', '5 7 6'], { chart: 'joined' }), { marks: { kind: 'points', isJoined: true } }],
  [
    'points joined over labels',
    table(['oak elm ash', '5 7 6'], { chart: 'joined' }),
    { heights: null, marks: { kind: 'labels', as: 'line', labels: ['oak', 'elm', 'ash'], heights: [5, 7, 6] } },
  ],
  [
    'a histogram on its bounds',
    table(['0 10', '10 20', '3 4'], { chart: 'histogram', classes: 'both', upper: 'c2', frequencies: 'c3' }),
    {
      heights: 'frequency',
      marks: {
        bars: [
          { from: 0, to: 10, height: 3, text: '3' },
          { from: 10, to: 20, height: 4 },
        ],
      },
    },
  ],
  [
    'a histogram of plain values',
    table(['1 2 3 11'], { chart: 'histogram', width: '10' }),
    {
      marks: {
        bars: [
          { from: 0, to: 10, height: 3 },
          { from: 10, to: 20, height: 1 },
        ],
      },
    },
  ],
  [
    'a box',
    table(['1 2 3 4 5 6 7 8 30'], { chart: 'box' }),
    { marks: { boxes: [{ low: 1, q1: 2.5, median: 5, q3: 7.5, high: 8, outliers: [30], outlierTexts: ['30'] }] } },
  ],
  [
    'a box without outliers',
    table(['1 2 3 4 30'], { chart: 'box', outliers: false }),
    { marks: { boxes: [{ high: 30, outliers: [] }] } },
  ],
  [
    'boxes by group',
    table(['1 2 3 11 12 13', 'oak oak oak elm elm elm'], { chart: 'box', by: 'c2' }),
    {
      marks: {
        boxes: [
          { name: 'oak', median: 2 },
          { name: 'elm', median: 12 },
        ],
      },
      view: { yTo: 2 },
    },
  ],
  [
    'so many classes',
    table(['1 2 3 11'], { chart: 'histogram', classCount: '2' }),
    {
      marks: {
        bars: [
          { from: 1, to: 6, height: 3 },
          { from: 6, to: 11, height: 1 },
        ],
      },
      proposed: { kind: 'count' },
    },
  ],
  [
    'a density',
    table(['1 2 3 11'], { chart: 'histogram', width: '10', density: true, normal: true }),
    {
      heights: 'shareDensity',
      marks: { bars: [{ height: 0.075 }, { height: 0.025 }], line: {} },
    },
  ],
  [
    'shares up to each value',
    table(['1 2 2 4'], { chart: 'cumulative' }),
    { heights: 'share', marks: { xs: [1, 2, 4], ys: [0.25, 0.75, 1] } },
  ],
  [
    'shares up to the bounds of classes',
    table(['0 10', '1 3'], { chart: 'cumulative', classes: 'lower', frequencies: 'c2', width: '10' }),
    { marks: { xs: [0, 10, 20], ys: [0, 0.25, 1] } },
  ],
  [
    'dots',
    table(['3 3 5'], { chart: 'dots' }),
    { marks: { xs: [3, 3, 5], ys: [1, 2, 1], texts: ['3: 2', '3: 2', '5: 1'] } },
  ],
  [
    'stems below and above zero',
    table(['-12 -3 4 15 18'], { chart: 'stem' }),
    {
      marks: {
        unit: '1',
        rows: [
          { stem: '−1', leaves: ['2'] },
          { stem: '−0', leaves: ['3'] },
          { stem: '0', leaves: ['4'] },
          { stem: '1', leaves: ['5', '8'] },
        ],
      },
    },
  ],
  [
    'stems of decimals, cut off',
    table(['1.24 1.39 2.05'], { chart: 'stem' }),
    {
      marks: {
        rows: [
          { stem: '12', leaves: ['4'], texts: ['1.24'] },
          { stem: '13' },
          { stem: '14' },
          { stem: '15' },
          { stem: '16' },
          { stem: '17' },
          { stem: '18' },
          { stem: '19' },
          { stem: '20' },
        ],
      },
    },
  ],
  [
    'values over the z of their ranks',
    table(['1 2 3'], { chart: 'quantile' }),
    { marks: { xs: [expect.closeTo(-0.8694, 4), 0, expect.closeTo(0.8694, 4)], ys: [1, 2, 3] } },
  ],
  [
    'pairs by how often they come',
    table(['1 1 2', '5 5 6'], { chart: 'bubbles' }),
    { marks: { xs: [1, 2], sizes: [1, 0.5], texts: ['1, 5: 2', '2, 6: 1'] } },
  ],
  [
    'bars by group',
    table(['oak oak elm', '3 5 7', 'N S N'], { chart: 'bars', by: 'c3' }),
    {
      marks: {
        labels: ['oak', 'elm'],
        groups: {
          series: [
            { name: 'N', heights: [3, 7] },
            { name: 'S', heights: [5, 0] },
          ],
        },
      },
    },
  ],
  [
    'shares of a hundred',
    table(['oak oak', '3 5', 'N S'], { chart: 'bars', by: 'c3', bars: 'shares' }),
    { heights: 'percent', marks: { groups: { series: [{ heights: [37.5] }, { heights: [62.5] }] } } },
  ],
  [
    'parts of a whole',
    table(['oak elm oak', '3 5 2'], { chart: 'shares' }),
    { marks: { as: 'shares', labels: ['oak', 'elm'], heights: [5, 5], texts: ['5 (50 %)', '5 (50 %)'] } },
  ],
  [
    'bars by name',
    table(['oak elm', '3 5'], { chart: 'bars' }),
    { heights: null, marks: { as: 'bars', labels: ['oak', 'elm'], heights: [3, 5], texts: ['3', '5'] } },
  ],
  [
    'bars that count',
    table(['2 1 2'], { chart: 'bars' }),
    { heights: 'frequency', marks: { labels: ['1', '2'], heights: [1, 2], texts: ['1', '2'] } },
  ],
])('a chart of %s', (_, of, expected) =>
  expect(work('chart', chartRequest(state, of)).value.result).toMatchObject(expected),
);

const rows = { from: 0, count: 2 };

test('a fit: its equation in full, its residuals, and what it comes to', () => {
  const { result } = work('fit', fitRequest(state, table(['0 1 2', '1 2 4'], { at: '1/2' }), rows)).value;
  expect(result).toMatchObject({ count: 3, from: 0, full: '1.5*x+5/6', equation: '1.5*x+0.833333' });
  expect(result!.coefficients.map(({ shown }) => shown.forms[0]!.typed)).toEqual(['5/6', '3/2']);
  expect(result!.residuals.map(({ left }) => left!.forms[0]!.typed)).toEqual(['1/6', '-1/3']);
  const prediction = result!.prediction;
  expect(prediction !== null && 'y' in prediction && prediction.y.forms[0]!.typed).toBe('19/12');
});

test('a sine keeps as many digits as were found, and no more are claimed', () => {
  const y = Array.from({ length: 12 }, (_, i) => (2 + 3 * Math.sin(0.7 * i + 0.4)).toFixed(6)).join(' ');
  const x = Array.from({ length: 12 }, (_, i) => i).join(' ');
  const { result } = work('fit', fitRequest(state, table([x, y], { model: 'sine' }), rows)).value;
  expect(result!.full).toMatch(/^\d\.\d{20,}\*sin\(/);
  expect(result!.coefficients.every(({ shown }) => shown.full.length > 20)).toBe(true);
  expect(result!.coefficients[0]!.shown.forms[0]!.settled).toBe(false);
});

test.each([
  ['too few points', table(['1 2', '1 2'], { model: 'polynomial' }), 'dimension'],
  ['x all alike', table(['1 1 1', '1 2 3']), 'domain'],
  ['no logarithm', table(['1 2 3', '1 0 3'], { model: 'exponential' }), 'domain'],
])('a fit with %s says so', (_, of, code) => {
  expect(ask('fit', fitRequest(state, of, rows))).toMatchObject({ ok: false, problem: { code } });
});

const base: LineRequest = columnsRequest(state, []);
test.each([
  ['by size, whatever their form', '1/2 0.3 sqrt(2) -1', false, [3, 1, 0, 2]],
  ['the largest first', '1 3 2', true, [1, 2, 0]],
  ['alike as they stood, words and gaps at the end', '2 word _ 1 2', false, [3, 0, 4, 1, 2]],
])('rows in order: %s', (_, cells, isDown, order) => {
  const [by] = table([cells]).columns;
  expect(work('order', { ...base, by: by!, rows: by!.cells.length, isDown }).value).toEqual(order);
});

const taken = (source: string) =>
  work('delimited', { ...base, source, by: null, isTurned: null, hasHeads: null }).value;
test.each([
  ['twelve numbers in a row', '1 2 3 4 5 6 7 8 9 10 11 12', [['', '1 2 3 4 5 6 7 8 9 10 11 12']], 0],
  [
    'heads with units',
    'hour / h;height (m)\n0;1,5\n1;2',
    [
      ['hour|h', '0 1'],
      ['height|m', '1.5 2'],
    ],
    0,
  ],
  [
    'quoted values',
    '"oak, elm",2\n"c",3',
    [
      ['', 'oak, elm c'],
      ['', '2 3'],
    ],
    2,
  ],
  ['fractions and angles', "1/2\n12°30'", [['', "1/2 12°30'"]], 0],
  [
    'rows of unequal length',
    '1,2\n3',
    [
      ['', '1 3'],
      ['', '2 '],
    ],
    0,
  ],
])('taken apart: %s', (_, source, columns, strange) => {
  const result = taken(source);
  const shown = result.columns.map(({ name, unit, cells }) => [
    unit === '' ? name : `${name}|${unit}`,
    cells.join(' '),
  ]);
  expect([shown, result.strange]).toEqual([columns, strange]);
});

test('cells in their forms, and columns as decimals for other programs', () => {
  const cells = work('cells', { ...base, texts: ['1/3', 'x', '2+'] }).value;
  expect(cells.map((cell) => ('forms' in cell ? cell.forms[0]!.typed : cell.problem.code))).toEqual([
    '1/3',
    'undefined-name',
    'syntax',
  ]);
  const { columns } = table(['1/3 0.50 word', 'pi']);
  expect(work('decimals', { ...base, columns }).value).toEqual([
    ['0.33333333333333333333', '0.50', 'word'],
    ['3.1415926535897932385'],
  ]);
});
