import type { AngleUnit } from '@/core/base/angle';
import type { NearKind } from '@/core/format/near';
import type { MemoryDeed } from '@/core/memory/shelf';
import type { EntryStyle, Settings } from '@/core/notebook/schema';
import type { RunningOrder } from '@/core/running/state';
import type { StackDepth } from '@/core/stack/stack';
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
  solution: 'solution',
};

export const styleNames: Readonly<Record<EntryStyle, string>> = {
  written: 'Written',
  running: 'Running',
  stack: 'Stack',
};
export const styleNotes: Readonly<Record<EntryStyle, string>> = {
  written: 'Expressions as they stand on paper; = answers the line.',
  running: 'Each key acts at once, as on a desk machine.',
  stack: 'Operands first, then what is done with them.',
};
export const orderNames: Readonly<Record<RunningOrder, string>> = {
  precedence: 'precedence',
  leftToRight: 'left to right',
};
export const depthNames: Readonly<Record<StackDepth, string>> = { unlimited: 'any depth', four: 'four levels' };
export const deedNames: Readonly<Record<MemoryDeed, string>> = {
  keep: 'Keep',
  recall: 'Recall',
  recallValue: 'Recall value',
  addTo: 'Add to',
  takeFrom: 'Take from',
  multiplyBy: 'Multiply by',
  divideBy: 'Divide by',
  clear: 'Clear',
};
export const deedNotes: Readonly<Record<MemoryDeed, string>> = {
  keep: 'Choose where the value is kept. What was there is replaced; undo brings it back.',
  recall: 'Choose what is put in. In a line it follows its changes until the line is answered.',
  recallValue: 'Choose what is put in as it is now, whatever becomes of it later.',
  addTo: 'Choose what the value is added to.',
  takeFrom: 'Choose what the value is taken from.',
  multiplyBy: 'Choose what is multiplied by the value.',
  divideBy: 'Choose what is divided by the value.',
  clear: 'Choose what is cleared; nothing else is touched.',
};
export const notInStyle = (style: EntryStyle): string => `It has no meaning in ${styleNames[style]} entry.`;
export const exampleIn = (style: EntryStyle): string => `${words.example}, ${styleNames[style]}`;
export const orderExamples: Readonly<Record<RunningOrder, string>> = {
  precedence: '2 + 3 × 4 = 14',
  leftToRight: '2 + 3 × 4 = 20',
};
export const depthExamples: Readonly<Record<StackDepth, string>> = {
  unlimited: '1 2 3 4 5, then + + leaves 1 2 12',
  four: '1 2 3 4 5, then + + leaves 2 2 2 12',
};
export const slashExamples: Readonly<Record<Settings['slash'], string>> = {
  fraction: '1/2 is written as a fraction',
  divide: '1/2 is written 1 ÷ 2',
};
export const viewExamples: Readonly<Record<Settings['view'], string>> = {
  boxed: '√2 over 3, as on paper',
  typed: 'sqrt(2)/3',
};
export const percentText = (n: number): string => `${n} %`;
export const styleButton = (style: EntryStyle): string => `Entry style: ${styleNames[style]}. Tap to change.`;
export const orderButton = (order: RunningOrder): string => `Order of work: ${orderNames[order]}. Tap to change.`;
export const depthButton = (depth: StackDepth): string => `Stack depth: ${depthNames[depth]}. Tap to change.`;
export const openBrackets = (n: number): string => (n === 1 ? '1 bracket open' : `${n} brackets open`);
export const levelName = (level: number, value: string, made: string): string =>
  `Level ${level}: ${value}${made === value ? '' : `, made ${made}`}`;
export const placeTile = (deed: MemoryDeed, place: string, held: string | null): string =>
  `${deedNames[deed]} ${place}${held === null ? ', empty' : `, holds ${held}`}`;
export const keptAt = (at: number): string =>
  new Date(at).toLocaleString(undefined, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

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
  recallTool: 'recall',
  keepAnswer: 'Keep the answer',
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
  steps: 'Steps',
  stepsTool: 'steps',
  tapeTools: 'Search the tape, take it along, clear it',
  stepsNote: 'The order of work, one reduction at a time; the part that is worked next is set off.',
  copySteps: 'Copy all steps',
  ownDigits: 'Digits for this line',
  ownDigitsNote: 'For this line alone; the exact value stays underneath, and other lines stay as they are.',
  roundTo: 'Round to',
  decimalPlaces: 'Decimal places',
  significantFigures: 'Significant figures',
  digitsAsSet: 'As in the settings',
  digitsTool: 'digits',
  searchTape: 'Search the tape',
  searchTapeHint: 'a number, a name, a note',
  onlyPinned: 'Only pinned lines',
  takeTape: 'Take the tape along',
  copyAsText: 'Copy as text',
  copyLinear: 'Line for braille',
  editInPlace: 'Edit in place',
  editing: 'Editing a line of the tape',
  stopEditing: 'Leave it as it was',
  workAgain: 'Work again',
  inWhichSettings: 'In which settings',
  settingsThen: 'Its own',
  settingsNow: 'The present ones',
  wasAnswer: 'Before',
  isSameAnswer: 'Now, and the same',
  isAnswerNow: 'Now',
  putInPlace: 'Put it in its place',
  angleView: 'Angle view',
  angleTool: 'angle',
  noAngle: 'No angle stands in this line.',
  theAngle: 'angle',
  coterminal: 'in one turn',
  reference: 'reference angle',
  toAxis: 'to the next axis add',
  onAxis: 'It lies on an axis.',
  degreesShort: 'degrees',
  keyLog: 'Keys',
  keyLogNote: 'The keys that made this line, in their order.',
  noKeyLog: 'How this line was keyed is not known: it was pasted, typed as text, or is too long.',
  replay: 'Replay',
  replaySpeed: 'Speed',
  slow: 'Slow',
  medium: 'Medium',
  fast: 'Fast',
  copyKeys: 'Copy the keys',
  copyLink: 'Copy a link',
  keyStrip: 'Show keys while keying',
  keyStripNote: 'A strip above the line names every key that was pressed, for others to follow',
  forClass: 'For the class',
  find: 'Find',
  findTitle: 'Find a key or a function',
  findHint: 'cube root, remainder, degrees to radians',
  findNothing: 'Nothing by these words. Try another name for it.',
  findNote: 'Say in plain words what you want to do. A tap puts it into the line.',
  menu: 'More for this line',
  selectAll: 'Select all',
  cut: 'Cut',
  paste: 'Paste',
  copySelection: 'Copy',
  asBoxes: 'Write it on paper',
  asTyped: 'Write it as typed text',
  view: 'The line being written',
  viewBoxed: 'On paper',
  viewTyped: 'As typed text',
  slash: 'The stroke / typed',
  slashFraction: 'Makes a fraction',
  slashDivide: 'Divides on the line',
  preferredForm: 'Form shown first',
  preferredNone: 'As it comes',
  forAClass: 'Settings for a class',
  copySettingsLink: 'Copy a link to these settings',
  saveSettings: 'Save these settings as a file',
  openSettings: 'Open a settings file',
  takeSettings: 'Take these settings over?',
  takeThem: 'Take them over',
  keepMine: 'Keep mine',
  pin: 'Pin',
  note: 'Note',
  noteHint: 'what this line is about',
  tryValues: 'Try values',
  tryHint: 'a value, or a list with ;',
  solveFor: 'Solve for',
  solveBetween: 'Searched from',
  solveTo: 'to',
  solveAlways: 'True whatever the letter stands for.',
  solveNever: 'No solution.',
  solveUnknown: 'This cannot be solved here: put values for the other letters, or write it another way.',
  solveNone: 'No real solution was found.',
  pairNone: 'The two lines never meet: no solution.',
  pairMany: 'Both say the same: every pair on the line is a solution.',
  notSure: 'looks like a solution, not proved',
  showComplex: 'Show them',
  check: 'check',
  use: 'Use',
  toTape: 'Put on the tape',
  entryStyle: 'Entry style',
  forEntry: 'Entry',
  forNumbers: 'Numbers',
  forKeys: 'Keys and looks',
  angleNote: 'What an angle without a unit is in, and what inverse functions answer in',
  displayNote: 'How decimals are written; the value underneath stays exact',
  decimalSignNote: 'With the comma, ; stands between the values given to a function',
  preferredNote: 'Where a result has this form it is shown first; the others stand beside it',
  fractions: 'Fractions above one',
  fractionsImproper: 'As one fraction',
  fractionsMixed: 'As a mixed number',
  fractionsNote: 'How they are shown first',
  complexForm: 'Complex results',
  complexRectangular: 'a + bi',
  complexPolar: 'r∠θ, polar',
  complexFormNote: 'How they are shown first',
  viewNote: 'Fractions and roots at full size, or one line of text',
  slashNote: 'On a physical keyboard, in a line on paper',
  order: 'Running: order of work',
  orderNote: 'Whether × and ÷ are worked before + and −',
  depth: 'Stack: depth',
  depthNote: 'Any number of levels; or four, of which the last repeats when the stack falls',
  depthUnlimited: 'Any depth',
  depthFour: 'Four levels',
  orderPrecedence: 'Precedence',
  orderLeftToRight: 'Left to right',
  textSize: 'Text size',
  textSizeNote: 'Keys grow a little, all other text as much as is set',
  sound: 'Key sound',
  soundNote: 'A quiet tick at each key',
  haptics: 'Key vibration',
  hapticsNote: 'A short shake at each key',
  backToPadNote: 'Else a drawer stays open until another is chosen',
  themeNote: 'Paper by day, by night, or as far apart as colours can be',
  themeContrast: 'High contrast',
  resetSettings: 'Reset all settings',
  putBack: 'Put mine back',
  needsComplex: 'It needs complex numbers, which are off in the settings.',
  stack: 'Stack',
  emptyStack: 'Key a number, then Push. An operation takes the levels it needs.',
  keyed: 'Number being keyed',
  stackTools: 'With the top level',
  made: 'made',
  thisLevel: 'This level',
  pickLevel: 'Pick a level',
  pickNote: 'The level you tap, or whose number you key, is copied to the top.',
  toTop: 'Copy to the top',
  toLine: 'To the line',
  runningTotal: 'running total',
  totalTools: 'Running total',
  nothingHeld: 'holds nothing',
  shownNumber: 'Number shown',
  pending: 'Pending',
  slots: 'Slots',
  clearSlots: 'Clear all slots',
  clearTotal: 'Clear the total',
  emptyLetters: 'Empty letters',
  keepHere: 'Keep a number here',
  keepIt: 'Keep it',
  keepHereHint: 'type or paste a number or an expression',
  recallAsValue: 'Recall as a value',
  recallAsReference: 'Recall as a reference',
  withAtHand: 'With the value on the Bench',
  copyDigits2: 'Copy all digits',
  copyExact: 'Copy as typed text',
  keptWhen: 'kept',
  total: 'Total',
  near: 'may be',
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
export const tapeRowName = (
  line: string,
  sign: string,
  answer: string,
  unit: string | null,
  kept: string | null,
): string =>
  `${line} ${sign} ${answer}${unit === null ? '' : `, in ${unit}`}${kept === null ? '' : `, kept in ${kept}`}`;
export const completionsName = 'Names that go on from here';
export const foundLines = (n: number): string => (n === 0 ? 'No line holds this.' : n === 1 ? '1 line' : `${n} lines`);
export const tapeActionsName = (line: string): string => `What to do with ${line}`;
export const answerButtonName = (sign: string, answer: string): string => `Use the answer ${sign} ${answer}`;
export const nearNames: Readonly<Record<NearKind, string>> = {
  fraction: 'near a fraction',
  root: 'near a root',
  pi: 'near a multiple of π',
};
export const settingsText = ({
  angle,
  complex,
  impliedFirst,
  display,
}: Pick<Settings, 'angle' | 'complex' | 'impliedFirst' | 'display'>): string =>
  [
    unitNames[angle],
    displaySummary(display),
    complex ? 'complex numbers on' : null,
    impliedFirst ? 'implied product first' : null,
    display.decimalSign === ',' ? 'decimal comma' : null,
  ]
    .filter((part) => part !== null)
    .join(', ');
export const quadrantText = (quadrant: number, isOnAxis: boolean): string =>
  isOnAxis
    ? `${words.onAxis} (${['to the right', 'upwards', 'to the left', 'downwards'][quadrant]!})`
    : `Quadrant ${['I', 'II', 'III', 'IV'][quadrant - 1]!}`;
export const hiddenRoots = (n: number): string =>
  `${n === 1 ? '1 complex solution lies' : `${n} complex solutions lie`} outside the real numbers.`;
export const solveForName = (letters: string): string => `${words.solveFor} ${letters}`;
export const withinText = (from: string, to: string): string =>
  `Searched from ${from} to ${to}; there may be more outside.`;
export const solutionButton = (text: string): string => `${words.use} ${text}`;

export const refused =
  'This browser does not keep what you do here (its storage is full or not allowed). Save a notebook file so that nothing is lost.';
export const damaged = (isSetAside: boolean): string =>
  isSetAside
    ? 'What was kept here could not be read. It was set aside whole and a fresh notebook was begun.'
    : 'What was kept here could not be read, nor set aside: nothing new is kept until you have saved it.';

type KeyboardHelp = readonly (readonly [string, string])[];

const everywhere: KeyboardHelp = [['Ctrl Z, Ctrl Y', 'undo and redo']];
const keyed: KeyboardHelp = [
  ['+  -  *  /  ^  !  %', 'work as their keys do'],
  ['~', 'changes the sign'],
  ['p, A to Z', 'π, and what a letter keeps'],
  ['Backspace', 'takes the last digit back'],
];

export const keyboardHelp: Readonly<Record<EntryStyle, KeyboardHelp>> = {
  written: [
    ['Enter or =', 'answers the line'],
    ['sqrt(  pi  sin  ^  /  !  %', 'are typed as they are named'],
    ['<  <=  and  or  not', 'compare; the sign a=b is on More'],
    ...everywhere,
    ['Escape', 'clears the line'],
    ['Arrows', 'move; with Shift they select'],
    ['Up in an empty line', 'brings earlier lines back'],
    ['Tab', 'completes a name, else goes on'],
  ],
  running: [
    ['Enter or =', 'works out what is pending'],
    ...keyed,
    ['(  )', 'open and close a bracket'],
    ...everywhere,
    ['Escape', 'clears all that is pending'],
  ],
  stack: [['Enter', 'pushes'], ...keyed, ...everywhere, ['Escape', 'clears the number being keyed']],
};
