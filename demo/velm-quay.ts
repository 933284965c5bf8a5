import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import type { SavedKit } from '@/core/notebook/kit';
import type { AnalysisOptions } from '@/core/notebook/columns';

/** The lines of the demo notebook: the Velm Quay survey, an invented small harbour. */
export const velmQuay: readonly Readonly<{
  text: string;
  angle: AngleUnit;
  about: string;
  form?: FormId;
}>[] = [
  { about: 'the pull of two mooring lines on one ring', angle: 'deg', text: 'norm([120,0]+90*[cos(60),sin(60)])' },
  {
    about: 'prices of a shackle, a metre of rope and a fender from three bills',
    angle: 'deg',
    text: 'solve([[2,1,1],[1,3,2],[1,0,4]],[55,63,66])',
  },
  {
    about: 'the chart turned by 30°, where the outer mark then stands',
    angle: 'deg',
    text: '[[cos(30),-sin(30)],[sin(30),cos(30)]]*[4,2]',
  },
  { about: 'a bearing to the outer mark, 12.4 cables off', angle: 'deg', text: '12.4*sin(73°24\'36")' },
  { about: 'two of a dozen catches, weighed in dozens', angle: 'deg', text: '6/84+2/7' },
  { about: 'the chandler’s price with discount and tax', angle: 'deg', text: '48.50-15%+20%', form: 'decimal' },
  { about: 'mooring ropes over two diagonals', angle: 'deg', text: 'B:=2sqrt(11)+5sqrt(11)' },
  { about: 'the tide’s rise an eighth of its period in', angle: 'rad', text: 'sin(pi/4)' },
  { about: 'mussels in a basket shared out in six', angle: 'deg', text: '17/6', form: 'recurring' },
];

/** The line that is being written when the demo is opened. */
export const velmQuayLine = '−4^2+2/5';

/** Keys in short: numbers as they are written, else ids of keys. */
type Keyed = Readonly<{ about: string; keys: string }>;

/** Keyed in Running before the lines: the chandler's bill, added up, taxed, and left in the running total. */
export const velmQuayBill: readonly Keyed[] = [
  { about: 'a shackle, four metres of rope, two fenders', keys: '18.40 plus 7.25 plus 12.60 plus 23.95 answer' },
  { about: 'with tax, into the running total', keys: 'plus 15 percent answer addToTotal' },
  { about: 'the price of a metre of mooring rope, kept', keys: '3.85 keep d1' },
  { about: 'a coil of 60 metres with discount, begun', keys: '60 times open recall d1 minus 8 percent' },
];

/** Keyed in Stack: the length of a mooring line over the diagonal of the berth, and a bearing turned round. */
export const velmQuayStack: readonly Keyed[] = [
  { about: 'bearing 73°24′36″ and its opposite', keys: '73 degree 24 minute 36 second push 180 plus' },
  { about: 'the diagonal of the berth', keys: '6 square 8 square plus sqrt keep d2' },
  { about: 'the share of a catch', keys: '17 push 6 divide' },
  { about: 'a number being keyed', keys: '2.4' },
];

/** Drawn on Curves: two tariffs for a boat by the hour, and a mooring rope that is switched off. */
export const velmQuayFunctions: readonly Readonly<{ about: string; name: string; text: string; on: boolean }>[] = [
  { about: 'the dinghy: 12 to begin with, 1.50 an hour', name: 'Dinghy', text: '12+1.5x', on: true },
  { about: 'the punt: 4 to begin with, 2.25 an hour', name: 'Punt', text: '4+2.25x', on: true },
  { about: 'a mooring rope of four fathoms', name: 'rope', text: '4cosh(x/4)', on: false },
];

/** Heights at the tide board of the quay over two days, by the hour. */
const tide =
  '0.95 1.65 2.55 3.35 4 4.4 4.3 3.75 2.8 1.9 1.3 0.85 0.95 1.4 2.15 3 4 4.3 4.3 3.9 3.25 2.35 1.5 ' +
  '0.95 0.8 1.15 1.85 2.65 3.4 4.2 4.3 4.2 3.5 2.75 1.8 1.15 1 0.9 1.5 2.2 3.15 3.95 4.35 4.35 3.9 ' +
  '3.05 2.25 1.35 1';

/** Lengths of shells, measured one by one at three sites. */
const lengths =
  '35.1 43.5 46.7 38.8 34.6 41.2 44.0 58.6 35.2 34.8 45.2 44.0 49.5 46.6 41.0 40.1 47.3 35.6 33.6 32.1 ' +
  '37.2 37.4 35.4 36.5 37.9 39.6 41.3 37.7 29.5 39.7 37.0 44.8 36.6 45.9 41.0 47.2 66.7 45.6 51.2 37.6 ' +
  '44.1 50.1 45.3 48.2 46.6';

const times = (count: number, label: string): readonly string[] => Array.from({ length: count }, () => label);

/** A column in short: its values one after the other. */
type InColumn = Readonly<{ name: string; unit: string; cells: string | readonly string[] }>;
type InTable = Readonly<{ name: string; columns: readonly InColumn[]; use: Partial<AnalysisOptions> }>;

/**
 * On Columns: the tide board, mussels by the length of their shells, bearings with the depths sounded along them,
 * shells measured at three sites, and the chandler's prices before and after the winter.
 */
export const velmQuayTables: readonly InTable[] = [
  {
    name: 'Tide board',
    columns: [
      { name: 'hour', unit: 'h', cells: Array.from({ length: 49 }, (_, hour) => hour).join(' ') },
      { name: 'height', unit: 'm', cells: tide },
    ],
    use: { chart: 'points', model: 'sine', at: '30' },
  },
  {
    name: 'Mussels',
    columns: [
      { name: 'from', unit: 'mm', cells: '20 25 30 35 40 45 50 55' },
      { name: 'to', unit: 'mm', cells: '25 30 35 40 45 50 55 60' },
      { name: 'shells', unit: '', cells: '4 11 23 38 41 27 12 3' },
    ],
    use: { chart: 'histogram', classes: 'both' },
  },
  {
    name: 'Soundings',
    columns: [
      { name: 'bearing', unit: '°', cells: `12°30' 27°45' 41°6' 58°20' 73°24'36" 90 104°15' 121°50'` },
      { name: 'depth', unit: 'm', cells: '2.4 3.1 17/4 4.9 5.25 6.1 5.8 4.4' },
    ],
    use: { chart: 'joined' },
  },
  {
    name: 'Shell lengths',
    columns: [
      {
        name: 'site',
        unit: '',
        cells: [...times(16, 'Low slip'), ...times(14, 'Tern stair'), ...times(15, 'Old boom')],
      },
      { name: 'length', unit: 'mm', cells: lengths },
    ],
    use: { chart: 'box', model: 'straight' },
  },
  {
    name: 'Prices',
    columns: [
      {
        name: 'item',
        unit: '',
        cells: ['shackle', 'rope, a metre', 'fender', 'cleat', 'oar', 'bailer', 'lamp', 'chart', 'oilskin', 'bucket'],
      },
      { name: 'before', unit: '', cells: '18.40 3.65 23.95 9.80 42.00 5.20 31.50 12.75 64.00 6.90' },
      { name: 'after', unit: '', cells: '19.20 3.85 24.90 9.60 44.50 5.45 33.00 12.75 67.50 7.40' },
    ],
    use: { chart: 'bars' },
  },
];

/** Entered in the tools of Kit. */
export const velmQuayKit: SavedKit = {
  // The three bills: two shackles, a metre of rope and a fender for 55, and so on.
  equations: {
    kind: 'linear',
    entry: 'grid',
    rows: [
      ['2', '1', '1', '55'],
      ['1', '3', '2', '63'],
      ['1', '0', '4', '66'],
    ],
    letters: 's, r, f',
    coefficients: [['-1/20', '3', '5']],
    first: 'x^2+y^2=25',
    second: 'y=x+1',
  },
  // The chart turned by 30°, and the outer mark on it.
  matrices: {
    open: 'A',
    beside: 'B',
    shown: 'det inverse product',
    A: [
      ['cos(30)', '-sin(30)'],
      ['sin(30)', 'cos(30)'],
    ],
    B: [['4'], ['2']],
  },
  // The pull of two mooring lines on one ring, by strength and direction.
  vectors: {
    space: '2',
    as: 'polar',
    polar: [
      ['120', '0'],
      ['90', '60'],
      ['', ''],
    ],
  },
  // Which of the eight lamps of the harbour light are lit, and which are after the tide has turned.
  bases: { value: '0b11001', second: '0b1111', bits: '8', signed: 'off' },
  // Tide heights at noon over a year, in metres; and mussels from two sites, in millimetres.
  chance: {
    distribution: 'normal',
    'normal.mean': '2.4',
    'normal.sd': '0.6',
    from: '2',
    to: '3.2',
    share: '0.95',
    test: 'means-welch',
    values: [
      ['52.1', '47.3'],
      ['48.6', '45.9'],
      ['55.0', '50.2'],
      ['51.7', '46.8'],
      ['49.9', '44.1'],
      ['53.4', '49.5'],
    ],
  },
  // The tide board in feet.
  units: { kind: 'length', value: '3.8', 'from length': 'm', 'to length': 'ft', favourites: 'ftm' },
  // The days from the first survey to the last.
  dates: {
    from: '2027-03-15',
    to: '2027-05-02',
    start: '2027-05-31',
    months: '1',
    sum: '2 h 15 min + 50 min',
  },
  // The chandler's loan for a dinghy, and what it saves to pay more a month.
  loans: { amount: '4800', deposit: '600', rate: '6.5', term: '36', compare: 'on', change: 'payment', changeTo: '180' },
  // A coil of rope after discount and tax.
  percent: { kind: 'series', before: '240', steps: [['-20'], ['19']] },
};
