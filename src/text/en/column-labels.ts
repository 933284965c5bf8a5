import { filledCells } from '@/core/column/cells';
import { LONGEST_CELL, LONGEST_NAME, MOST_COLUMNS } from '@/core/notebook/columns';
import type { LeftOut } from '@/core/notebook/room';
import type { BarKind, ChartKind } from '@/core/chart/kinds';
import type { BoxPart, ChartPart } from '@/core/chart/model';
import type { FitName } from '@/core/column/fit-models';
import type { Separator } from '@/core/column/delimited';
import type { QuartileRule } from '@/core/column/quartile-rules';
import type { AnalysisOptions } from '@/core/notebook/columns';
import { words } from './labels';
import type { ProposedText } from '@/core/column/statistics';

/** Words of the Columns place. */
export const columnWords = {
  columns: words.columns,
  data: 'Data',
  summary: 'Summary',
  statisticValue: 'Value',
  chart: 'Chart',
  fit: 'Fit',
  panels: 'What to see of the table',
  tables: 'Tables',
  newTable: 'New table',
  tableName: 'Name of the table',
  removeTable: 'Remove this table',
  begin: 'Begin a table',
  noTable: 'No table yet. Begin one and type values down, paste them, or open a file.',
  noColumn: 'This table has no columns yet.',
  addColumn: 'Add a column',
  write: 'Write',
  column: 'Column',
  row: 'Row',
  sort: 'Sort',
  paste: 'Paste',
  name: 'Name',
  unit: 'Unit',
  rule: 'Worked from',
  ruleHint: 'nothing: its cells are typed',
  ruleNote: 'An expression over other columns, worked row by row.',
  filter: 'Filter',
  filterBy: 'Rows that take part',
  filterHint: 'all of them',
  allRows: 'All rows again',
  setAside: 'set aside',
  reshape: 'Make of columns',
  moveLeft: 'Move left',
  moveRight: 'Move right',
  empty: 'Empty it',
  emptyNote: 'Takes the values out; the column stays.',
  remove: 'Remove it',
  removeNote: 'Takes the column away with its values.',
  done: 'Done',
  next: 'Next column',
  insertAbove: 'Insert a row above',
  insertBelow: 'Insert a row below',
  deleteRow: 'Delete the row',
  moveUp: 'Move the row up',
  moveDown: 'Move the row down',
  wholeRow: 'The whole row',
  oneCellNote: 'Only this column: its values no longer stand beside the ones they stood beside.',
  insertCell: 'Insert a cell',
  deleteCell: 'Delete the cell',
  sortTitle: 'Sort the rows',
  sortBy: 'By',
  order: 'Order',
  summed: 'Summed up',
  chartKind: 'Chart',
  up: 'Smallest first',
  down: 'Largest first',
  together: 'All columns together',
  togetherNote: 'Rows stay whole. Switched off, only the column itself is sorted.',
  sortNow: 'Sort',
  files: 'In and out',
  openFile: 'Open a file (CSV, TSV)',
  saveCsv: 'Save as CSV',
  saveTsv: 'Save as TSV',
  pasteTitle: 'Put values in',
  pasteHere: 'Text to take in',
  pasteHint: 'Paste or type values here',
  separator: 'Between values',
  decimals: 'Decimals',
  decimalPoint: '1.5',
  decimalComma: '1,5',
  turn: 'Rows become columns',
  heads: 'The first row holds names',
  intoTable: 'As a new table',
  nothingFound: 'There is nothing to put in yet.',
  missing: 'missing',
  noNumber: 'no number',
  one: 'One column',
  pair: 'A pair',
  ofColumn: 'Values',
  frequencies: 'Frequencies',
  none: 'none',
  howOften: 'how often',
  classes: 'Classes',
  upper: 'Upper bounds',
  lower: 'Lower bounds',
  width: 'Width of the classes',
  widthHint: 'proposed',
  quartiles: 'Quartiles',
  more: 'Frequencies, groups, classes, quartiles',
  by: 'Groups by',
  groups: 'Groups',
  number: 'number',
  noGroup: '(none)',
  further: 'More numbers',
  furtherNote: 'Spread, shape, sums and outliers; covariance and ranks of a pair.',
  cubes: 'Also the sum of cubes',
  weights: 'Weights',
  shares: 'Percentiles at',
  sharesHint: '0.1, 0.9 or 10%, 90%',
  percentileRule: 'Percentiles',
  outlierRows: 'Outliers',
  noOutliers: 'none beyond one and a half quartile ranges',
  putIn: 'With the numbers put in',
  formula: 'Formula',
  classRule: 'Number of classes',
  classCount: 'So many classes',
  heightsAsDensity: 'Heights as density',
  densityNote: 'Shares to a unit, so that the areas sum to one.',
  normalOver: 'Lay a normal curve over it',
  barKind: 'Groups stand',
  stemUnit: 'One step of a leaf',
  share: 'share up to there',
  shareDensity: 'share to a unit',
  percent: 'share in %',
  z: 'z of the rank',
  x: 'x',
  y: 'y',
  mode: 'mode',
  modalClass: 'modal class',
  noMode: 'none: all are equally frequent',
  noStatistic: 'not for so few values',
  copyDigits: 'Copy all digits',
  copyExact: 'Copy exact',
  keepIn: 'Keep in',
  outliers: 'Tell outliers apart',
  outliersNote: 'Values more than one and a half quartile ranges from the box.',
  layOver: 'Lay the functions of Curves over it',
  image: 'Take the chart along',
  saveSvg: 'Save as SVG',
  savePng: 'Save as PNG',
  chartTools: 'Kind of chart',
  tapPart: 'Tap a point, a bar or a part of the box to read it.',
  model: 'Model',
  degree: 'Degree',
  fewer: 'Lower degree',
  higher: 'Higher degree',
  origin: 'Through the origin',
  direct: 'Fit to the values themselves',
  directNote: 'Switched off, it is fitted to the logarithms, which weigh small values more.',
  bands: 'Draw the bands of mean and of next value',
  level: 'Level',
  expr: 'Own model, y =',
  exprHint: 'a·x^b + c',
  start: 'Letters begin at',
  startHint: 'proposed',
  began: 'Began at',
  predictors: 'Predictors',
  needsPredictors: 'Choose the columns that y is worked from.',
  standardError: 'standard error',
  residualDeviation: 'residual deviation',
  adjusted: 'adjusted R²',
  aic: 'AIC',
  aicNote: 'n·ln(left/n) + 2k',
  analysis: 'Analysis of variance of the fit',
  meanInterval: 'mean of y there',
  nextInterval: 'next y there',
  backAt: 'Where is the fit y =',
  nowhere: 'Nowhere in sight.',
  compare: 'Compare fits',
  compareNote: 'The least AIC first: what is left of y itself, by how many coefficients it took. Tap one to take it.',
  directShort: 'direct',
  constant: 'constant',
  pictureOf: 'Picture',
  fitted: 'fitted',
  leftOver: 'What is left',
  equation: 'Equation',
  coefficients: 'Coefficients',
  residuals: 'Residuals',
  residualNote: 'What is left of y when the fit is taken from it.',
  left: 'left',
  readSo: 'Read them so',
  notReadYet: 'This x cannot be read yet.',
  readAt: 'Read the fit at x =',
  toCurves: 'To Curves',
  copyEquation: 'Copy the equation',
  searched: 'Found by a search: the digits are not proved.',
  byLogs: 'Fitted to the logarithms.',
  working: 'Working…',
  stop: 'Stop',
  needsPair: 'This needs two columns: x and y.',
  toCell: 'To the cell',
  points: 'Points',
  frequency: 'frequency',
  density: 'frequency to a unit',
  reads: 'What is marked',
} as const;

export const barKindNames: Readonly<Record<BarKind, string>> = {
  beside: 'beside each other',
  stacked: 'on each other',
  shares: 'as shares of 100 %',
};

/** What may stand in the rule of a column. */
export const ruleNames = (words: readonly string[]): string => {
  const [first = ''] = words.slice(-1);
  return `An expression over ${words.slice(0, 6).join(', ')}, worked row by row: ${first}·100, (${first} − mean(${first}))/s(${first}).`;
};
/** How a condition by which rows take part is written. */
export const filterNote = (words: readonly string[]): string => {
  const [first = 'height'] = words.slice(-1);
  return `A condition over the columns: ${first} > 40, ${first} ≥ mean(${first}) and ${first} < 60; or a label: site = North. Rows that it does not keep are set aside, not lost.`;
};
export const keptText = (kept: number, all: number): string =>
  `${kept} of ${all} rows take part${kept === all ? '' : `; ${all - kept} are set aside`}.`;

export const chartTitles: Readonly<Record<ChartKind, string>> = {
  points: 'Points',
  joined: 'Joined',
  histogram: 'Histogram',
  box: 'Box',
  bars: 'Bars',
  bubbles: 'Bubbles',
  cumulative: 'Cumulative',
  dots: 'Dots',
  stem: 'Stem and leaf',
  quantile: 'Normal quantiles',
  shares: 'Shares',
};

export const modelNames: Readonly<Record<FitName, string>> = {
  logistic: 'Logistic',
  own: 'Own model',
  several: 'Several predictors',
  straight: 'Straight',
  polynomial: 'Polynomial',
  exponential: 'Exponential',
  power: 'Power',
  logarithmic: 'Logarithmic',
  sine: 'Sine',
};

export const quartileNames: Readonly<Record<QuartileRule, string>> = {
  halves: 'halves',
  inclusive: 'halves with the middle',
  interpolated: 'interpolated',
};
export const quartileNotes: Readonly<Record<QuartileRule, string>> = {
  halves: 'Medians of the two halves; a middle value belongs to neither.',
  inclusive: 'Medians of the two halves; a middle value belongs to both.',
  interpolated: 'A quarter and three quarters of the way from the first value to the last.',
};

export const classNames: Readonly<Record<AnalysisOptions['classes'], string>> = {
  none: 'none',
  both: 'both bounds',
  lower: 'lower bounds',
  upper: 'upper bounds',
};

/** What the column that is summed up holds. */
export const boundsTitle = (classes: AnalysisOptions['classes']): string =>
  classes === 'none' ? columnWords.ofColumn : classes === 'upper' ? columnWords.upper : columnWords.lower;

export const separatorNames: Readonly<Record<Separator, string>> = {
  tab: 'tabs',
  semicolon: 'semicolons',
  comma: 'commas',
  space: 'spaces',
  none: 'lines alone',
};

/** A column as it is called in a sentence or beside an axis. */
export const titleOf = ({ name, unit }: Readonly<{ name: string; unit: string }>): string =>
  unit === '' ? name : `${name} / ${unit}`;

export const headSpoken = (column: Readonly<{ name: string; unit: string }>): string =>
  `${column.name}${column.unit === '' ? '' : ` in ${column.unit}`}: options of the column`;

export const rowName = (row: number): string => `Row ${row + 1}`;
export const cellName = (column: string, row: number): string => `${column}, row ${row + 1}`;

export function proposedSentence({ kind, width, value }: ProposedText): string {
  switch (kind) {
    case 'last-end':
      return `The last class has no end of its own: ${value} is proposed, ${width} wide as the others.`;
    case 'first-start':
      return `The first class has no start of its own: ${value} is proposed, ${width} wide as the others.`;
    case 'count':
      return `Classes ${width} wide from ${value} on: the largest value belongs to the last one.`;
    case 'width':
      return `Classes ${width} wide from ${value} on are proposed. A value on a bound belongs to the class above it.`;
  }
}

export const flagSentence = (column: string, row: number, problem: string): string =>
  `${column}, row ${row + 1}: ${problem}`;
export const moreFlags = (count: number): string => `and ${count} more`;
export const pasteFound = (columns: number, rows: number, strange: number): string =>
  `${counted(columns, 'column', 'columns')} of ${counted(rows, 'value', 'values')}${
    strange === 0 ? '' : `; ${strange === 1 ? '1 cell is no number' : `${strange} cells are no numbers`}`
  }.`;
const counted = (n: number, one: string, many: string): string => (n === 1 ? `1 ${one}` : `${spaced(n)} ${many}`);
const spaced = (n: number): string => `${n}`.replace(/\B(?=(\d{3})+$)/g, '\u2009');

function leftParts({ columns, rows, cells, names }: LeftOut): string {
  const parts = [
    columns === 0 ? null : `${counted(columns, 'column', 'columns')} left out`,
    rows === 0 ? null : `${counted(rows, 'row', 'rows')} left out`,
    cells === 0 ? null : `${counted(cells, 'cell', 'cells')} cut to ${LONGEST_CELL} characters`,
    names === 0 ? null : `${counted(names, 'name', 'names')} cut to ${LONGEST_NAME} characters`,
  ];
  return parts.filter((part) => part !== null).join(', ');
}

/** What would not go in, into a table of its own and at the cell at hand; null when everything does. */
export function leftOut(table: LeftOut, cell: LeftOut): string | null {
  const [own, here] = [leftParts(table), leftParts(cell)];
  if (own === '' && here === '') return null;
  const room = `A table takes ${MOST_COLUMNS} columns and a million values.`;
  if (own === here) return `${room} Not all of this goes in: ${own}.`;
  return `${room} Not all of this goes in: into a table of its own ${own === '' ? 'all' : own}; at the cell ${here === '' ? 'all' : here}.`;
}

export const putAt = (column: string, row: number): string => `From ${column}, row ${row + 1}, on`;

/** What is marked on a chart, in words. */
export const pointReads = (x: string, xText: string, y: string, yText: string, row: number): string =>
  `Row ${row + 1}: ${x} ${xText}, ${y} ${yText}`;

const boxReads: Readonly<Record<BoxPart, string>> = {
  low: 'Lower whisker',
  q1: 'Q1',
  median: 'Median',
  q3: 'Q3',
  high: 'Upper whisker',
};

const inGroup = (group: string): string => (group === '' ? '' : `${group}. `);

/** A part of a chart that is no row of its own; `height` is what the height over a label means. */
export function partReads(part: Exclude<ChartPart, { kind: 'row' }>, height: string): string {
  switch (part.kind) {
    case 'class':
      return `${part.low} to ${part.high}: frequency ${part.text}`;
    case 'label':
      return `${part.label}: ${height} ${part.text}`;
    case 'box':
      return `${inGroup(part.group)}${boxReads[part.part]}: ${part.text}`;
    case 'outlier':
      return `${inGroup(part.group)}Outlier: ${part.text}`;
    case 'told':
      return part.text;
  }
}

export const classesProposal = (
  bounds: Readonly<{ name: string; cells: readonly string[] }>,
  counts: Readonly<{ name: string; cells: readonly string[] }>,
): string =>
  `${bounds.name} holds ${filledCells(bounds.cells).length} rising bounds and ${counts.name} ${filledCells(counts.cells).length} whole numbers: classes with their frequencies?`;
