import { itemAt } from '../base/item';
import type { DistributionId } from '../function/chance/distributions';
import { distributionShape } from '../function/chance/distributions';
import { chanceDouble } from './index';

/*
 * What is drawn at random, one after the other. Values are doubles: they come by chance, so that no digit of theirs means
 * more than another.
 */

/** Where chance comes from; the core has none of its own. */
export type Generator = Readonly<{
  /** A whole number from 0 up to, but not, n, each as likely as the others. Domain: 1 ≤ n ≤ 2^53 − 1. */
  below: (n: number) => number;
  /** A share between 0 and 1, neither of them. */
  share: () => number;
}>;

/** What comes of one draw: the number that is counted, and what is shown of it. */
export type Drawn = Readonly<{ value: number; parts: readonly string[] }>;

/** How likely numbers are: by counts at each, else by the share below. */
export type Law = Readonly<{ isOfCounts: boolean; at: (k: number) => number; below: (x: number) => number }>;

/** Draws one after another, and what theory says of their numbers; null where it says nothing of them. */
export type Drawing = Readonly<{ next: () => Drawn; law: Law | null }>;

const one = (value: number, text = String(value)): Drawn => ({ value, parts: [text] });

const lawOf = (id: DistributionId, parameters: readonly number[]): Law => ({
  isOfCounts: distributionShape(id)?.isOfCounts ?? false,
  at: (k) => chanceDouble(id, 'at', [k], parameters),
  below: (x) => chanceDouble(id, 'below', [x], parameters),
});

/** Places from 0 to a count, each once, in an order by chance (R. Durstenfeld, 1964): only what was moved is kept. */
export function withoutReturn(chance: Generator, count: number): () => number {
  const moved = new Map<number, number>();
  let left = count;
  return () => {
    const at = chance.below(left);
    left -= 1;
    const found = moved.get(at) ?? at;
    moved.set(at, moved.get(left) ?? left);
    return found;
  };
}

/** Whole numbers from one to another, with return or each at most once. */
export function wholeNumbers(chance: Generator, from: number, to: number, isReturned: boolean): Drawing {
  const many = to - from + 1;
  const place = isReturned ? () => chance.below(many) : withoutReturn(chance, many);
  return { next: () => one(from + place()), law: isReturned ? lawOf('discreteUniform', [from, to]) : null };
}

/** Numbers from anywhere between two, cut to so many places. */
export function numbersBetween(chance: Generator, from: number, to: number, places: number): Drawing {
  return {
    next: () => {
      const text = (from + (to - from) * chance.share()).toFixed(places);
      return one(Number(text), text);
    },
    law: lawOf('uniform', [from, to]),
  };
}

/** How likely each sum of several dice is, from the least on. */
function sumsOfDice(dice: number, sides: number): readonly number[] {
  let shares: readonly number[] = [1];
  for (let k = 0; k < dice; k += 1) {
    const next = new Array<number>(shares.length + sides - 1).fill(0);
    shares.forEach((share, sum) => {
      for (let face = 0; face < sides; face += 1) next[sum + face] = itemAt(next, sum + face) + share / sides;
    });
    shares = next;
  }
  return shares;
}

/** The sum of several dice. */
export function diceThrown(chance: Generator, dice: number, sides: number): Drawing {
  const shares = sumsOfDice(dice, sides);
  const at = (sum: number): number => (Number.isInteger(sum) ? (shares[sum - dice] ?? 0) : 0);
  return {
    next: () => {
      const faces = Array.from({ length: dice }, () => 1 + chance.below(sides));
      return { value: faces.reduce((a, b) => a + b, 0), parts: faces.map(String) };
    },
    law: {
      isOfCounts: true,
      at,
      below: (x) => shares.reduce((sum, share, i) => (i + dice <= x ? sum + share : sum), 0),
    },
  };
}

/** How many of several coins show heads. */
export function coinsThrown(
  chance: Generator,
  coins: number,
  share: number,
  sides: Readonly<{ heads: string; tails: string }>,
): Drawing {
  return {
    next: () => {
      const shown = Array.from({ length: coins }, () => chance.share() < share);
      return {
        value: shown.filter((isHeads) => isHeads).length,
        parts: shown.map((isHeads) => (isHeads ? sides.heads : sides.tails)),
      };
    },
    law: lawOf('binomial', [coins, share]),
  };
}

const SUITS = ['♠', '♥', '♦', '♣'] as const;
const RANKS = ['A', '2', '3', '4', '5', '6', '7', '8', '9', '10', 'J', 'Q', 'K'] as const;
export const DECK = SUITS.length * RANKS.length;

/** Which cards are counted, and how many of the deck these are. */
export const markedCards = { red: 26, hearts: 13, faces: 12, aces: 4 } as const;
export type MarkedCards = keyof typeof markedCards;

function isMarked(card: number, marked: MarkedCards): boolean {
  const suit = SUITS[Math.floor(card / RANKS.length)];
  const rank = card % RANKS.length;
  switch (marked) {
    case 'red':
      return suit === '♥' || suit === '♦';
    case 'hearts':
      return suit === '♥';
    case 'faces':
      return rank >= 10;
    case 'aces':
      return rank === 0;
  }
}

/** How many marked cards are among those drawn without return from a whole deck. */
export function cardsDrawn(chance: Generator, cards: number, marked: MarkedCards): Drawing {
  return {
    next: () => {
      const place = withoutReturn(chance, DECK);
      const drawn = Array.from({ length: cards }, place);
      const named = drawn.map(
        (card) => `${itemAt(RANKS, card % RANKS.length)}${itemAt(SUITS, Math.floor(card / RANKS.length))}`,
      );
      return { value: drawn.filter((card) => isMarked(card, marked)).length, parts: named };
    },
    law: lawOf('hypergeometric', [DECK, markedCards[marked], cards]),
  };
}

/** Numbers of any distribution, by its inverse at a share by chance; measurements cut to so many places. */
export function fromDistribution(
  chance: Generator,
  id: DistributionId,
  parameters: readonly number[],
  places: number,
): Drawing {
  const law = lawOf(id, parameters);
  return {
    next: () => {
      const value = chanceDouble(id, 'inverse', [chance.share()], parameters);
      if (law.isOfCounts) return one(value);
      const text = value.toFixed(places);
      return one(Number(text), text);
    },
    law,
  };
}

/** Rows of a column, with return or each at most once. `value` is the place of the row. */
export function rowsDrawn(chance: Generator, cells: readonly string[], isReturned: boolean): Drawing {
  const place = isReturned ? () => chance.below(cells.length) : withoutReturn(chance, cells.length);
  return {
    next: () => {
      const row = place();
      return one(row, itemAt(cells, row));
    },
    law: null,
  };
}
