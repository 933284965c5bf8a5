import type { DrawnBar } from '@/core/chance/tally';
import type { Drawn, MarkedCards } from '@/core/chance/drawing';
import type { DrawnKind } from '@/core/chance/draw-kinds';

/** Words of drawing at random, in the tool Chance. */
export const drawWords = {
  draws: 'Draws',
  kind: 'What is drawn',
  count: 'How many draws',
  countOfSample: 'How many rows',
  seed: 'Seed',
  seedNote: 'The same seed draws the same again.',
  newSeed: 'Another seed',
  again: 'Watch them come',
  all: 'Show all at once',
  returned: 'What was drawn',
  back: 'goes back',
  once: 'comes at most once',
  marked: 'Counted are',
  column: 'Column',
  noColumn: 'There is no column to draw from yet: begin a table in Columns.',
  shuffle: 'All rows, shuffled',
  results: 'What came',
  drawn: 'drawn',
  expected: 'expected',
  chart: 'Draws beside what theory expects',
  toColumns: 'Make columns',
  table: 'Draws',
  sum: 'sum',
  heads: 'heads',
  marks: 'counted',
  value: 'value',
} as const;

export const drawnNames: Readonly<Record<DrawnKind, string>> = {
  dice: 'Dice',
  coins: 'Coins',
  cards: 'Cards',
  whole: 'Whole numbers',
  numbers: 'Numbers',
  sample: 'From a column',
  distribution: 'From a distribution',
};

export const drawnNotes: Readonly<Record<DrawnKind, string>> = {
  dice: 'The sum of the dice is counted.',
  coins: 'The heads among the coins are counted.',
  cards: 'From a whole deck of 52 each time, without return.',
  whole: 'From the first to the last, each as likely as the others.',
  numbers: 'Anywhere between the two, cut to so many places.',
  sample: 'Rows of the table in sight, each as likely as the others.',
  distribution: 'The one that stands under Distributions, with its numbers.',
};

export const markedNames: Readonly<Record<MarkedCards, string>> = {
  red: 'red cards',
  hearts: 'hearts',
  faces: 'J, Q and K',
  aces: 'aces',
};

const numberNames: Readonly<Record<string, string>> = {
  dice: 'dice',
  sides: 'sides',
  coins: 'coins',
  heads: 'share of heads',
  cards: 'cards',
  first: 'from',
  last: 'to',
  least: 'from',
  greatest: 'to',
  places: 'places',
};
export const drawNumberName = (name: string): string => numberNames[name] ?? name;

/** What a coin shows. */
export const coinSides = { heads: 'H', tails: 'T' } as const;

/** What the number that is counted of each draw is called, beside its parts. */
export const countedName = (kind: DrawnKind): string =>
  kind === 'dice'
    ? drawWords.sum
    : kind === 'coins'
      ? drawWords.heads
      : kind === 'cards'
        ? drawWords.marks
        : drawWords.value;

export const toldOf = (told: number, count: number): string =>
  told === count ? `${count} draws` : `${told} of ${count} draws`;

/** One draw: its parts, and the number that is counted of them. */
export function drawnText(kind: DrawnKind, { parts, value }: Drawn): string {
  if (parts.length === 1) return parts[0] ?? '';
  return kind === 'dice' ? `${parts.join(' + ')} = ${value}` : `${parts.join(' ')}: ${value}`;
}

const rounded = (v: number): string => (v >= 100 ? v.toFixed(0) : v >= 10 ? v.toFixed(1) : v.toFixed(2));

/** A bar with its number, in words. */
export const barText = ({ label, drawn, expected }: DrawnBar): string =>
  `${label}: ${drawn} ${drawWords.drawn}${expected === null ? '' : `, ${rounded(expected)} ${drawWords.expected}`}`;
