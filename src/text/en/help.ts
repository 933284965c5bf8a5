import type { StatisticId } from '@/core/column/statistics';

/* What the help tells besides keys, settings and shortcuts, which it takes from their own tables. */

/** A thing to look up: its name, what it is, where it lives; `words`: what else one may call it. */
export type Topic = Readonly<{ title: string; text: string; where: string; words: string }>;

const topic = (title: string, text: string, where: string, words = ''): Topic => ({ title, text, where, words });

export const kindNames = {
  how: 'How to',
  slip: 'Slips',
  part: 'Where things are',
  key: 'Keys',
  setting: 'Settings',
  statistic: 'Statistics',
  stroke: 'Keyboard',
} as const;
export type HelpKind = keyof typeof kindNames;

export const helpWords = {
  title: 'Help',
  sought: 'What to look for',
  hint: 'standard deviation, third root, settings',
  nothing: 'Nothing by these words. Try another name for it.',
  found: (count: number): string => (count === 1 ? 'One thing found' : `${count} things found`),
  where: 'Where',
  setting: 'In Settings, a tap on the number display at the top right of the Bench',
  drawer: (name: string): string => `Key of the drawer ${name}`,
  key: 'Key of the Bench',
  statistic: 'Columns, Summary',
  ofColumns: 'Of the columns that are chosen.',
  strokes: 'On a physical keyboard',
  help: 'Help',
  about: 'About Ulkav',
  elsewhere: 'Elsewhere in Ulkav',
} as const;

/** The twenty most common things. */
export const howTo: readonly Topic[] = [
  topic(
    'Key a fraction',
    'Press a⁄b, key the numerator, press →, key the denominator, press → once more to leave it.',
    'Bench, Pad',
    'over divide ratio',
  ),
  topic('Key a mixed number', 'On Powers press the key with a box before a fraction, or type 2 5/6.', 'Bench, Powers'),
  topic(
    'Key a root',
    'Press √ and key what stands under it; → leaves it. Other roots are on Powers.',
    'Bench, Pad and Powers',
    'square root cube third',
  ),
  topic(
    'Change between fraction and decimal',
    'All forms of an answer stand side by side under it: tap the one you want. On a keyboard, F2 goes through them.',
    'Bench, under the answer',
    'toggle convert exact',
  ),
  topic(
    'Change the angle unit',
    'Tap the unit at the top of the Bench. Each line says at its left which unit it was worked in.',
    'Bench, at the top',
    'degrees radians gradians',
  ),
  topic(
    'Key degrees, minutes and seconds',
    'Key 12 ° 30 ′ 45 ″ with the keys of Angles; the answer has a form in degrees, minutes and seconds too.',
    'Bench, Angles',
    'dms bearing',
  ),
  topic(
    'Round to so many places',
    'Digits under a finished line rounds that line alone; the number display at the top right rounds all.',
    'Bench, Digits',
    'significant figures decimals',
  ),
  topic('Take an earlier line back', 'Tap it on the tape. A tap on its answer takes the answer alone.', 'Bench, tape'),
  topic(
    'Keep a value',
    'Press Keep under the line and choose a slot or a letter. Recall brings it back; it keeps all its digits.',
    'Bench, Keep and Recall',
    'store memory save variable',
  ),
  topic(
    'Put a minus before a number',
    'The same − is the sign and the subtraction; it is never an error.',
    'Bench, Pad',
    'negative sign',
  ),
  topic(
    'See the order of work',
    'Press Steps under the line: one reduction at a time.',
    'Bench, Steps',
    'working solution explain',
  ),
  topic(
    'Solve an equation',
    'Write it with the sign = from More and a letter in it; its solutions stand below.',
    'Bench, More',
    'unknown x roots zeros',
  ),
  topic(
    'Solve several equations at once',
    'On Kit, Equations: key the coefficients, or write the equations. One solution, none or many is told, with its check.',
    'Kit, Equations',
    'system simultaneous linear unknowns elimination',
  ),
  topic(
    'Find the roots of a polynomial',
    'On Kit, Equations, Polynomial: key the coefficients; roots, factors, vertex and discriminant stand below.',
    'Kit, Equations',
    'quadratic cubic factorise complete the square',
  ),
  topic(
    'Work with a matrix',
    'On Kit, Matrices: key it row by row, or paste it from a sheet; the drawer Matrices of the Bench puts one into a line.',
    'Kit, Matrices',
    'determinant inverse product rows columns',
  ),
  topic(
    'Add forces or bearings',
    'On Kit, Vectors: by components, or by length and direction; the picture shows their sum.',
    'Kit, Vectors',
    'vector resultant component arrow',
  ),
  topic(
    'Add a column of numbers',
    'Choose the entry style Running: each key acts at once, and the running total is kept.',
    'Bench, entry style',
    'adding machine tax percent',
  ),
  topic(
    'Work with a stack',
    'Choose the entry style Stack: key the operands first, then the operation.',
    'Bench, entry style',
    'levels push',
  ),
  topic(
    'Draw a function',
    'On Curves, Write a function; Fit shows it whole, two fingers change the view.',
    'Curves',
    'graph plot',
  ),
  topic(
    'Find zeros and crossings',
    'On Curves, Points lists zeros, highest and lowest points, and where curves meet.',
    'Curves, Points',
    'intersection maximum minimum extremes',
  ),
  topic('Make a table of values', 'On Curves, Values: from, to and step, or x picked one by one.', 'Curves, Values'),
  topic(
    'Type measurements in',
    'On Columns, Write, then values downwards; or Paste them, or open a file.',
    'Columns, Data',
    'data list csv spreadsheet table',
  ),
  topic(
    'Fit a line or a curve',
    'On Columns, Fit: choose the two columns and the model; it can be read at any x.',
    'Columns, Fit',
    'regression trend',
  ),
  topic(
    'Take everything along',
    'Save the notebook as a file, and open it on another device. It holds the tape, the Shelf, curves and columns.',
    'Settings, Notebook',
    'export backup share',
  ),
];

/** What goes wrong most often, and how it shows. */
export const slips: readonly Topic[] = [
  topic(
    'sin 30 is not 0.5',
    'The unit is radians. It stands at the top and at the left of the line; the answer in degrees is told under it.',
    'Bench, angle unit',
    'wrong angle unit sine',
  ),
  topic('−4² is −16', 'The power comes before the sign. Write (−4)² for 16; read as shows the difference.', 'Bench'),
  topic(
    '1 ÷ 2π',
    'A product without a sign is read like × unless Implied product first is set; read as shows the grouping.',
    'Settings, Numbers',
    'implied multiplication precedence order',
  ),
  topic('An open bracket', 'Brackets that are missing at the end are drawn faint and count.', 'Bench, the line'),
  topic(
    'Writing on in a box',
    'The caret shows which box it is in. →, or a tap, leaves it.',
    'Bench, the line',
    'exponent denominator stuck',
  ),
  topic(
    'A rounded answer used again',
    'Ans and all that is kept have every digit, whatever is shown. Key numbers by Recall and not from the screen.',
    'Bench, Recall',
    'precision',
  ),
  topic(
    'No real root',
    'Where roots are complex their number is told; switch complex numbers on to see them.',
    'Settings, Numbers',
    'square root of negative',
  ),
  topic('An empty graph', 'The reason stands in the middle of it, with what helps.', 'Curves', 'nothing where'),
  topic('Columns out of step', 'Unequal columns are flagged before anything is summed up.', 'Columns, Data', 'pairs'),
  topic(
    'Log to which base',
    'log is to base 10, ln to base e; another base is on Logs.',
    'Bench, Logs',
    'logarithm natural common',
  ),
];

/** Parts of Ulkav and where each is opened. */
export const parts: readonly Topic[] = [
  topic('Settings', 'All that can be set.', 'Bench, the number display at the top right', 'options preferences'),
  topic('Find', 'Keys and functions by plain words.', 'Bench, the glass at the top; F3', 'search look for'),
  topic('Tape', 'Search it, print it, take it along, clear it.', 'Bench, the scroll at the top', 'history print'),
  topic('Steps', 'The order of work.', 'Bench, under the line', 'working'),
  topic('Angle view', 'The circle with its quadrants.', 'Bench, under an answer that is an angle', 'unit circle'),
  topic('Keys of a line', 'What was keyed, to be shown and replayed.', 'Bench, ⋯', 'key log replay'),
  topic('Large for a class', 'The line as large as the screen.', 'Bench, ⋯', 'projector teacher'),
  topic(
    'Examination',
    'Helps are off, all that is kept is put aside until it ends; a code and the time since stand in sight. Also as a link.',
    'Settings, For a class',
    'exam test mode lock teacher reset memory',
  ),
  topic('View and axes', 'Ends of the graph, names and units of its axes, saving a picture.', 'Curves, View', 'window'),
  topic('Table of values', 'A function at many x.', 'Curves, Values', 'tabulate'),
  topic('Summary', 'Mean, deviation, quartiles and the rest.', 'Columns, Summary', 'statistics average'),
  topic(
    'Chart',
    'Points, bubbles, histogram, cumulative, boxes by group, dots, stem and leaf, quantiles, bars, shares.',
    'Columns, Chart',
    'plot diagram pie density ogive',
  ),
  topic('Worked column', 'A column worked from others by an expression.', 'Columns, Column', 'computed formula rule'),
  topic('Filter', 'Rows set aside by a condition, not lost.', 'Columns, Data', 'condition select rows'),
  topic(
    'Make of columns',
    'Counts, cross tables, classes, sequences; columns stacked and taken apart.',
    'Columns, Data',
    'frequency table recode pivot fill',
  ),
  topic('Compare fits', 'The usual models side by side, the best first.', 'Columns, Fit', 'aic adjusted best model'),
  topic(
    'Draws',
    'Dice, coins, cards, numbers and rows by chance, from a seed.',
    'Kit, Chance',
    'random sample simulation shuffle',
  ),
  topic('Tables and files', 'Several tables; CSV in and out.', 'Columns, the name of the table', 'import export'),
  topic('Kit', 'Tools: equations, matrices, vectors.', 'Kit', 'solver'),
  topic('Shelf', 'Slots, letters and the running total.', 'Shelf', 'memory registers variables'),
  topic('Notebook', 'Everything as one file.', 'Settings, at the end', 'save open backup'),
];

/** What a statistic is called besides its short name: as it is shown, and what else one may look for. */
export const statisticTerms: Readonly<Partial<Record<StatisticId, readonly [string, string]>>> = {
  n: ['number of values', 'count'],
  sum: ['the sum', 'total'],
  mean: ['the arithmetic mean', 'average'],
  s: ['standard deviation', 'spread'],
  sigma: ['standard deviation', 'spread'],
  min: ['the smallest value', 'minimum'],
  max: ['the largest value', 'maximum'],
  q1: ['the lower quartile', 'first quarter'],
  median: ['the middle value', 'half'],
  q3: ['the upper quartile', 'third quarter'],
  r: ['the correlation coefficient', 'related'],
};
