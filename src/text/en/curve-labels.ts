import type { Problem } from '@/core/base/problem';
import type { PointKind } from '@/core/curve/points';

/** Words of the Curves place. */
export const curveWords = {
  curves: 'Curves',
  functions: 'Functions',
  points: 'Points',
  values: 'Values',
  valuesKeyboard: 'Keyboard in the values',
  panels: 'Below the graph',
  addFunction: 'Write a function',
  writeFunction: 'Function of x',
  draw: 'Draw',
  cancel: 'Cancel',
  edit: 'Edit',
  name: 'Name',
  look: 'Colour and line',
  copy: 'Copy',
  moveUp: 'Move up',
  moveDown: 'Move down',
  remove: 'Remove',
  clearFunctions: 'Remove all functions',
  start: 'Start',
  fit: 'Fit',
  closer: 'Closer',
  farther: 'Farther',
  view: 'View',
  follow: 'Follow',
  viewTools: 'View of the graph',
  viewTitle: 'View and axes',
  viewNote: 'Each end can be an expression, such as -2pi.',
  useView: 'Show this view',
  notNumber: 'this cannot be read as a number.',
  wrongView: 'The first end must be below the second, and the two not too near or too far apart.',
  ticks: 'Marks',
  ticksDecimal: 'Decimals',
  ticksPi: 'Multiples of π',
  unit: 'Unit',
  graphImages: 'Take the graph along',
  saveSvg: 'Save as SVG',
  savePng: 'Save as PNG',
  followed: 'Point that is followed',
  back: 'Step back',
  on: 'Step on',
  otherCurve: 'Next curve',
  noFunction: 'No function yet.',
  allOff: 'All functions are switched off.',
  switchOn: 'Switch all on',
  putAway: 'Put this away',
  foldGraph: 'Fold the graph',
  showGraph: 'Show the graph',
  outOfView: 'No part of a curve lies in this view.',
  noValues: 'The functions have no value between these ends of x.',
  notDrawable: 'What is written cannot be drawn; the reason stands beside each function.',
  looking: 'Looking for points…',
  noPoints: 'No zeros, turning points or crossings in this view.',
  morePoints: 'There may be more points than are listed. A closer view shows them.',
  valueAt: 'Value at x =',
  byStep: 'By step',
  picked: 'Picked x',
  stepFrom: 'from',
  step: 'step',
  stepTo: 'to',
  pickX: 'x =',
  add: 'Add',
  find: 'Find',
  exactValues: 'Exact values',
  saveCsv: 'Save as CSV',
  makeColumns: 'Make columns',
  making: 'Making columns: stop',
  noValue: 'no value',
  clearPicked: 'Remove all picked x',
  drawThis: 'Draw this',
  showPoints: 'Points of columns',
  removePoints: 'Remove',
} as const;

export const pointNames: Readonly<Record<PointKind, string>> = {
  zero: 'zero',
  lowest: 'lowest',
  highest: 'highest',
  crossing: 'crossing',
};
export const pointHeadings: Readonly<Record<PointKind, string>> = {
  zero: 'Zeros',
  lowest: 'Lowest points',
  highest: 'Highest points',
  crossing: 'Crossings',
};

export const switchName = (name: string): string => `Show ${name}`;
export const functionRow = (name: string, text: string, look: string): string => `${name} = ${text}, ${look}`;

/** Why a cell of a table is empty, in a word; the whole sentence stands with the row that is chosen. */
export function shortReason({ code }: Problem): string {
  switch (code) {
    case 'divide-by-zero':
      return '÷ 0';
    case 'domain':
      return 'undefined';
    case 'undefined-name':
      return 'letter empty';
    case 'too-large':
      return 'too large';
    default:
      return curveWords.noValue;
  }
}

type Told = Readonly<{
  from: readonly [string, string];
  to: readonly [string, string];
  curves: readonly Readonly<{ name: string; text: string; look: string; isSeen: boolean }>[];
  points: number;
  /** The columns whose points are shown; empty for none. */
  shown: string;
}>;

/** What the graph shows, in words. */
export function graphText({ from, to, curves, points, shown }: Told): string {
  const view = `x from ${from[0]} to ${to[0]}, y from ${from[1]} to ${to[1]}.`;
  const drawn = curves.map(
    ({ name, text, look, isSeen }) => `${name}: ${text}, ${look}${isSeen ? '' : ', out of the view'}.`,
  );
  const marked = points === 0 ? '' : ` ${points} point${points === 1 ? ' is' : 's are'} marked.`;
  const columns = shown === '' ? '' : ` ${shown}.`;
  return `${curves.length === 0 ? 'No curve is drawn.' : drawn.join(' ')} ${view}${marked}${columns}`;
}

export const outOfViewText = (names: readonly string[]): string =>
  `${names.join(', ')} ${names.length === 1 ? 'lies' : 'lie'} outside this view.`;
export const partlyOutText = (names: readonly string[]): string =>
  `${names.join(', ')} ${names.length === 1 ? 'reaches' : 'reach'} beyond this view.`;
export const notNumberText = (text: string): string => `“${text}”: ${curveWords.notNumber}`;
export const pickHint = (decimalSign: '.' | ','): string => `one or several: 1${decimalSign === ',' ? ';' : ','} 10`;
