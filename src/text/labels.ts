import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import type { DisplayMode, DisplaySettings } from '@/core/format/settings';

/** Names of things on the screen, in one place. */
export const unitNames: Readonly<Record<AngleUnit, string>> = { deg: 'degrees', rad: 'radians', grad: 'gradians' };
export const modeNames: Readonly<Record<DisplayMode, string>> = {
  auto: 'Auto',
  places: 'Places',
  scientific: 'Scientific',
  engineering: 'Engineering',
};
export const formNames: Readonly<Record<FormId, string>> = {
  exact: 'exact',
  fraction: 'fraction',
  mixed: 'mixed',
  recurring: 'recurring',
  decimal: 'decimal',
  truth: 'exactly',
  dms: 'degrees-minutes-seconds',
  turn: 'multiple of π',
  polar: 'polar',
  factors: 'prime factors',
  remainder: 'quotient, remainder',
};

export const displaySummary = ({ mode, digits }: DisplaySettings): string =>
  `${modeNames[mode].toLowerCase()} ${digits}`;

export const words = {
  product: 'Ulkav',
  bench: 'Bench',
  shelf: 'Shelf',
  places: 'Places of work',
  close: 'Close',
  undo: 'Undo',
  settings: 'Settings',
  tape: 'Tape',
  emptyTape: 'Answered lines stand here. Tap one to go on from it.',
  clearTape: 'Clear tape',
  line: 'Line being written',
  onPaper: 'The line as on paper',
  linePlaceholder: 'Key an expression',
  readAs: 'read as',
  forms: 'Forms of the result',
  notSettled: 'not settled',
  working: 'working…',
  stop: 'Stop',
  keep: 'keep',
  keepTitle: 'Keep in a letter',
  keepNote: 'Choose the letter that is to keep the value. What it held before is replaced; undo brings it back.',
  deck: 'Keys',
  drawers: 'Drawers',
  lineKeys: 'Beside the line',
  useLine: 'Use line',
  useAnswer: 'Use answer',
  copy: 'Copy',
  copyShown: 'Answer as shown',
  copyDigits: 'Answer with full digits',
  copyTyped: 'Line as typed text',
  copyLatex: 'LaTeX',
  copyMathml: 'MathML',
  remove: 'Remove',
  lineActions: 'This line',
  angle: 'Angle unit',
  display: 'Number display',
  digits: 'Digits',
  places2: 'Digits after the point',
  fewerDigits: 'Fewer digits',
  moreDigits: 'More digits',
  grouping: 'Group digits',
  groupingNote: '12 345.678 9 in place of 12345.6789',
  decimalSign: 'Decimal sign',
  point: 'Point 1.5',
  comma: 'Comma 1,5',
  impliedFirst: 'Implied product first',
  impliedFirstNote: 'Read 1 ÷ 2π as 1 ÷ (2π), not as (1 ÷ 2)π',
  complex: 'Complex numbers',
  complexNote: 'Roots and logs of negative numbers have values; i is the imaginary unit',
  complexOn: 'complex',
  backToPad: 'Back to Pad after each key',
  theme: 'Colours',
  themeSystem: 'As the device',
  themeLight: 'Light',
  themeDark: 'Dark',
  notebook: 'Notebook file',
  saveNotebook: 'Save as a file',
  openNotebook: 'Open a file',
  letters: 'Letters',
  emptyShelf: 'No letter keeps anything yet. On the Bench, press keep, or write A := 18.4.',
  recall: 'Recall',
  copyValue: 'Copy',
  clear: 'Clear',
  clearLetters: 'Clear all letters',
  from: 'from',
  pasteTitle: 'Which number is this?',
  pasteAsIs: 'Paste as it is',
  keyHelp: 'What a key does',
  keyHelpNote: 'Point at a key, or hold it down, to see what it does and an example.',
  example: 'Example',
  saveWhatIsHere: 'Save it as a file',
  saveSetAside: 'Save the old data as a file',
  understood: 'Go on',
  keyboard: 'From the keyboard',
} as const;

export const piWarning = (unit: AngleUnit): string =>
  `${unitNames[unit]} are set, but the angle contains π. Write rad after it if radians are meant.`;
export const inOtherUnit = (unit: AngleUnit, text: string, exact: boolean): string =>
  `in ${unitNames[unit]}: ${exact ? '' : '≈ '}${text}`;
export const readAsButton = (text: string): string => `Read as ${text}. Tap to write these brackets into the line.`;
export const unitButton = (unit: AngleUnit): string => `Angle unit: ${unitNames[unit]}. Tap to change.`;
export const complexButton = 'Complex numbers are on. Tap for settings.';
export const displayButton = (d: DisplaySettings): string => `Number display: ${displaySummary(d)}. Tap for settings.`;
export const putInstead = (text: string): string => `Put ${text} instead`;
export const keepIn = (letter: string): string => `Keep in ${letter}`;
export const tapeRowName = (
  line: string,
  sign: string,
  answer: string,
  unit: string | null,
  kept: string | null,
): string =>
  `${line} ${sign} ${answer}${unit === null ? '' : `, in ${unit}`}${kept === null ? '' : `, kept in ${kept}`}`;
export const refused =
  'This browser does not keep what you do here (its storage is full or not allowed). Save a notebook file so that nothing is lost.';
export const damaged = (isSetAside: boolean): string =>
  isSetAside
    ? 'What was kept here could not be read. It was set aside whole and a fresh notebook was begun.'
    : 'What was kept here could not be read, nor set aside: nothing new is kept until you have saved it.';

export const keyboardHelp: readonly (readonly [string, string])[] = [
  ['Enter or =', 'answers the line'],
  ['sqrt(  pi  sin  ^  /  !  %', 'are typed as they are named'],
  ['<  <=  and  or  not', 'compare; the sign a=b is on More'],
  ['Ctrl Z, Ctrl Y', 'undo and redo'],
  ['Escape', 'clears the line'],
  ['Tab', 'goes on to tape, keys and places'],
];
