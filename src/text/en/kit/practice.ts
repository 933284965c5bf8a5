import { countOf } from '@/core/practice/asked-form';
import type { AskedForm } from '@/core/practice/asked-form';
import type { AskId, Exercise, SeriesId, Way } from '@/core/practice/exercise';
import type { Mark } from '@/core/practice/mark';
import type { Sameness } from '@/core/slips/claim';

/** Words of the tool Practice. */
export const practiceWords = {
  name: 'Practice',
  answers: 'Series by topic: squares, fractions, signs, roots, equations; what goes wrong is explained and comes back.',
  words:
    'exercise training drill homework learn series quiz test repeat revise revision spaced squares tables worksheet',
  topic: 'Topic',
  level: 'Level',
  count: 'How many',
  seed: 'Seed of the numbers',
  seedHint: 'drawn anew',
  begin: 'Begin',
  goOn: 'Go on',
  timed: 'Tell the time at the end',
  answer: 'Answer',
  question: 'Exercise',
  progress: 'Right by now',
  pause: 'Pause',
  stop: 'End this series',
  next: 'Next exercise',
  end: 'To the end',
  again: 'Write it again',
  skip: 'Show the answer',
  rightAnswer: 'Right would be',
  steps: 'Steps',
  done: 'All are right.',
  repeat: 'To repeat',
  anew: 'Again with other numbers',
  close: 'Choose another',
  paused: 'A series is under way.',
  writeFirst: 'Write the answer, and press the key that answers.',
  history: 'What was practised',
  calendar: 'Answers by day',
  byTopic: 'Right answers by topic, in %',
  noHistory: 'What is practised is counted here, day by day and by topic.',
  own: 'My own series',
  ownLine: 'A line to be worked out',
  ownForm: 'Form of the answer',
  addLine: 'Add this line',
  fromTape: 'Add the lines of the tape',
  takeOut: 'Take out',
  ownEmpty: 'Lines that you add, typed or from the tape, are a series of your own.',
  ownFull: 'A series has room for 50 lines.',
  workedOut: 'Work it out to one number, as simple as it can be: 5/6, say, or 3√2.',
  anyForm: 'a result in any form',
  likely: 'The likely slip',
} as const;

export const seriesNames: Readonly<Record<SeriesId, string>> = {
  squares: 'Squares to 20 and their roots',
  cubes: 'Cubes and cube roots',
  powers: 'Powers',
  order: 'Order of operations, with signs',
  fractions: 'Fractions: + − × ÷',
  conversions: 'Fraction, decimal, mixed, percent',
  rounding: 'Rounding',
  surds: 'Roots made simple',
  'powers-of-ten': 'Powers of ten',
  logarithms: 'Logarithms',
  angles: 'Angles and reference angles',
  'exact-trig': 'Exact values of sin, cos, tan',
  percents: 'Percent, one after the other',
  linear: 'Linear equations',
  quadratic: 'Quadratic equations',
  graph: 'Reading a graph',
  averages: 'Mean and median',
};

export const wayTexts: Readonly<Record<Way, string>> = {
  head: 'Meant to be done in the head. Write the result, and press the key that answers.',
  bench: 'The Bench may be used for the work. Write the result, and press the key that answers.',
};

export const levelName = (level: number): string => `${practiceWords.level} ${level}`;

const asks: Readonly<Record<AskId, string>> = {
  work: 'Work out',
  'as-fraction': 'Write as a fraction in lowest terms',
  'as-decimal': 'Write as a decimal',
  'as-mixed': 'Write as a mixed number',
  'as-percent': 'Write as a percent',
  round: 'Round',
  'simplify-root': 'Write with roots as simple as they can be',
  'as-power-of-ten': 'Write as a number from 1 up to 10 times a power of ten',
  'same-direction': 'Which angle from 0° up to 360° ends in the same direction?',
  'reference-angle': 'What is the reference angle?',
  solve: 'Solve for x',
  'larger-solution': 'What is the larger solution?',
  'smaller-solution': 'What is the smaller solution?',
  'graph-value': 'Read from the graph: what is y',
  'graph-zero': 'Read from the graph: for which x is y zero?',
  'graph-lowest': 'Read from the graph: at which x is its lowest point?',
  words: 'Answer',
  'graph-slope': 'Read from the graph: what is the slope of the line?',
};

const forms: Readonly<Record<string, string>> = {
  number: 'a number, worked out',
  whole: 'a whole number',
  lowest: 'a fraction in lowest terms, or a whole number',
  mixed: 'a mixed number in lowest terms',
  decimal: 'a decimal',
  percent: 'a percent',
  exact: 'exact: no decimals, roots as simple as they can be',
  scientific: 'a number from 1 up to 10 times a power of ten',
  expression: 'an expression; it need not be worked out',
};

/** The form that is asked for; empty where any will do. */
export function formText(form: AskedForm): string {
  const counted = countOf(form);
  if (counted === null) return forms[form] ?? '';
  const { what, count } = counted;
  if (what === 'places')
    return count === 0
      ? 'rounded to a whole number'
      : `rounded to ${count} decimal ${count === 1 ? 'place' : 'places'}`;
  return `rounded to ${count} significant ${count === 1 ? 'figure' : 'figures'}`;
}

/** A form as it is chosen. */
export const formName = (form: AskedForm): string => (form === 'any' ? practiceWords.anyForm : formText(form));

/** What is asked of an exercise, in words. */
export const askText = ({ ask, at, words }: Exercise): string =>
  words ?? (ask === 'graph-value' && at !== undefined ? `${asks[ask]} where x is ${at.replace('-', '−')}?` : asks[ask]);

const markTexts: Readonly<Record<Mark, string>> = {
  right: 'Right.',
  'other-form': 'The right value, in another form than is asked for.',
  rounded: 'Right as far as it goes, but its last digits are rounded or cut off in another way than is asked for.',
  wrong: 'Not right.',
};

const placesText = (places: number): string => {
  if (places < 0) return `to a power of ten: 10^${-places}`;
  return places === 0 ? 'to a whole number' : `to ${places} decimal ${places === 1 ? 'place' : 'places'}`;
};

/** How an answer is marked, and why it is not right although its value is near. */
export function markText(mark: Mark, same: Sameness | null, form: AskedForm): string {
  if (mark !== 'rounded' || same === null || same.how === 'form') return markTexts[mark];
  const act = same.how === 'rounded' ? 'Rounded' : 'Cut off, not rounded,';
  const places = same.places === null ? 'to its last minute or second' : placesText(same.places);
  return countOf(form) === null ? `${act} ${places}, where an exact answer is asked for.` : `${act} ${places}.`;
}

/** What an answer in another form should be. */
export const wantedForm = (form: AskedForm): string =>
  form === 'any' ? practiceWords.workedOut : form === 'expression' ? '' : formText(form);

export const progressText = (right: number, total: number): string => `${right} of ${total} right`;
export const placeText = (at: number, total: number, isRepeat: boolean): string =>
  isRepeat ? `Exercise ${at} of ${total}, once more` : `Exercise ${at} of ${total}`;
export const endText = (atFirst: number, total: number): string =>
  `${atFirst} of ${total} were right at the first answer.`;
export const dueText = (count: number): string =>
  count === 1 ? 'Repeat 1 exercise that is due' : `Repeat ${count} exercises that are due`;
export const minutesText = (seconds: number): string =>
  `It took ${Math.floor(seconds / 60)} min ${Math.round(seconds % 60)} s.`;
export const dayText = (date: string, all: number, right: number): string =>
  `${date}: ${all} ${all === 1 ? 'answer' : 'answers'}, ${right} right`;
export const topicText = (name: string, right: number, all: number): string => `${name}: ${right} of ${all} right`;

/** A graph as it is told to those who do not see it: its points at whole numbers. */
export const curvePictureText = {
  name: 'Graph to be read',
  points: (points: readonly (readonly [x: number, y: number])[]): string =>
    points.map(([x, y]) => `x ${x}, y ${Math.round(y * 100) / 100}`.replaceAll('-', '−')).join('; '),
};
