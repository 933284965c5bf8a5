import { itemAt } from '@/core/base/item';
import type { AngleUnit } from '@/core/base/angle';
import type { NearKind } from '@/core/format/near';
import type { Settings } from '@/core/notebook/settings';
import type { FormId } from '@/core/format/form';
import type { DisplayMode, DisplaySettings } from '@/core/format/settings';
import type { DecimalSign } from '@/core/language/numerals';

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
  factored: 'factor taken out',
  remainder: 'quotient, remainder',
  binary: 'base 2',
  octal: 'base 8',
  hexadecimal: 'base 16',
  otherBase: 'the line’s base',
  solution: 'solution',
};

export const displaySummary = ({ mode, digits }: DisplaySettings): string =>
  `${modeNames[mode].toLowerCase()} ${digits}`;

export const words = {
  sharedLine: 'A shared line',
  sharedSheet: 'A sheet of exercises',
  sheetOpens: 'It opens in Practice, in the place of a series that is under way there. Nothing else changes.',
  sharedReplaces: 'It takes the place of the line you are writing. One Undo brings everything back.',
  sharedTooLong: 'This line is longer than a line may be.',
  putOnBench: 'Put it on the Bench',
  leaveIt: 'Leave it',
  failed:
    'This part of Ulkav failed; the fault is not yours. Everything else goes on, and what you have is still here.',
  notLoaded:
    'This part of Ulkav could not be loaded. Try again when there is a network; where a new version has come since, reload. What you have stays.',
  tryAgain: 'Try again',
  reload: 'Reload',
  skip: 'To the work',
  saved: 'Saved',
  saving: 'Saving …',
  notSaved: 'Not saved',
  print: 'Print or save as PDF',
  printShort: 'Print',
  rowsLeftOut: (count: number): string => `${count} more rows are not printed; save the table as a file for those.`,
  printedValues: 'Table of values',
  dropped: 'A file was dropped here',
  droppedNotebook: (name: string): string =>
    `Open the notebook “${name}”? It takes the place of what is here; one Undo brings that back.`,
  droppedValues: (name: string): string => `Take the values of “${name}” into Columns? What is there stays.`,
  openIt: 'Open it',
  takeThemIn: 'Take them in',
  about: 'About Ulkav',
  version: (version: string): string => `Version ${version}`,
  help: 'Help',
  foldDrawer: 'Keys of the drawer',
  later: 'Later',
  newVersion: 'A new version is ready. What you have stays as it is.',
  loading: 'Loading …',
  whatToDo: 'What to do',
  noPlace: 'Nothing stands at this address. What you have is still here.',
  toBench: 'To the Bench',
  setAside: 'Set aside',
  openSoundParts: 'Open its sound parts',
  look: 'Look',
  intoLine: 'Put into the line',
  saveIt: 'Save it',
  removeAll: 'Remove all',
  showAll: 'Show all',
  product: 'Ulkav',
  graph: 'Graph',
  bench: 'Bench',
  columns: 'Columns',
  kit: 'Kit',
  openInKit: 'Open in Kit',
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
  keep: 'Keep',
  recallTool: 'Recall',
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
  complexOn: 'complex',
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
  stepsTool: 'Steps',
  tapeTools: 'Search the tape, take it along, clear it',
  stepsNote: 'The order of work, one reduction at a time; the part that is worked next is set off.',
  copySteps: 'Copy all steps',
  ownDigits: 'Digits for this line',
  ownDigitsNote: 'For this line alone; the exact value stays underneath, and other lines stay as they are.',
  roundTo: 'Round to',
  decimalPlaces: 'Decimal places',
  significantFigures: 'Significant figures',
  digitsAsSet: 'As in the settings',
  digitsTool: 'Digits',
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
  angleTool: 'Angle',
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
  solveFor: 'Solve for',
  solveBetween: 'Searched from',
  solveTo: 'to',
  solveAlways: 'True whatever the letter stands for, wherever both sides have a value.',
  solveNever: 'No solution.',
  solveUnknown: 'This cannot be solved here: put values for the other letters, or write it another way.',
  tooCold: 'This is below absolute zero (−273.15 °C): nothing is that cold.',
  solveNone: 'No real solution was found.',
  pairNone: 'The two lines never meet: no solution.',
  pairMany: 'Both say the same: every pair on the line is a solution.',
  notSure: 'looks like a solution, not proved',
  showComplex: 'Show them',
  check: 'check',
  use: 'Use',
  toTape: 'Put on the tape',
  resetSettings: 'Reset all settings',
  putBack: 'Put mine back',
  needsComplex: 'It needs complex numbers, which are off in the settings.',
  stack: 'Stack',
  emptyStack: 'Key a number, then Push. An operation takes the levels it needs.',
  keyed: 'Number being keyed',
  stackTools: 'With the top level',
  made: 'made',
  thisLevel: 'This level',
  pickLevel: 'Fetch a level',
  pickNote: 'The level you tap, or whose number you key, is copied to the top.',
  toTop: 'Copy to the top',
  toLine: 'To the line',
  toColumn: 'To a column',
  newColumn: 'A new one',
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
  goOn: 'Go on from it',
  lookAt: 'Look at it',
  writeRadians: 'Write rad after it',
  allSolutions: 'All solutions',
  anyWhole: 'n is any whole number.',
} as const;

export const inTurnName = (until: string): string => `From 0 up to ${until}`;
export const searchedTurn = (until: string): string => `Looked for from 0 up to ${until}; there may be others.`;
export const boundsText = (least: number, most: number): string => `A whole number from ${least} to ${most}.`;
/** An example shows the sign that separates values. */
export const tryHint = (decimalSign: DecimalSign): string =>
  `a value, or several: 1${decimalSign === ',' ? ';' : ','} 10`;
const capital = (word: string): string => word.slice(0, 1).toUpperCase() + word.slice(1);
export const piWarning = (unit: AngleUnit): string => `${capital(unitNames[unit])} are set, but the angle contains π.`;
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
    ? `${words.onAxis} (${itemAt(['to the right', 'upwards', 'to the left', 'downwards'], quadrant)})`
    : `Quadrant ${itemAt(['I', 'II', 'III', 'IV'], quadrant - 1)}`;
export const hiddenRoots = (n: number): string =>
  `${n === 1 ? '1 complex solution lies' : `${n} complex solutions lie`} outside the real numbers.`;
/** A line that rests on an answer that is another by now. */
export const ansWasText = (text: string): string => `Ans was ${text} here. Recalculate`;
/** Solving needs numbers for all letters but one. */
export const needsValuesText = (letter: string, missing: readonly string[]): string =>
  `To solve for ${letter}, enter ${missing.length === 1 ? 'a value' : 'values'} for ${new Intl.ListFormat('en').format(missing)} above, or choose another letter.`;
export const solveForName = (letters: string): string => `${words.solveFor} ${letters}`;
export const withinText = (from: string, to: string): string =>
  `Searched from ${from} to ${to}; there may be more outside.`;
export const solutionButton = (text: string): string => `${words.use} ${text}`;

export const refused =
  'This browser does not keep what you do here (its storage is full or not allowed). Save a notebook file so that nothing is lost.';

/** What is said while something is carried to another place in its list. */
export const carryWords = {
  how: 'Space takes it, the arrow keys carry it, Space puts it down, Escape puts it back.',
  taken: 'Taken.',
  put: 'Put down.',
  back: 'Put back.',
};
export const carryName = (name: string): string => `Carry ${name}`;
