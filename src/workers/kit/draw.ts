import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem, ProblemData } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import { momentsOf } from '@/core/chance';
import {
  DECK,
  cardsDrawn,
  coinsThrown,
  diceThrown,
  fromDistribution,
  numbersBetween,
  rowsDrawn,
  wholeNumbers,
} from '@/core/chance/drawing';
import type { Drawing, Drawn, Generator, MarkedCards } from '@/core/chance/drawing';
import { barsOf, labelBars } from '@/core/chance/tally';
import type { DrawnBar } from '@/core/chance/tally';
import type { DrawnKind } from '@/core/chance/draw-kinds';
import type { DistributionId } from '@/core/function/chance/distributions';
import { toDouble } from '@/core/number/to-double';
import { asWhole, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { generatorOf } from './generator';
import { entryValue } from './tables';

export type DrawRequest = LineRequest &
  Readonly<{
    drawn: DrawnKind;
    /** The numbers that the kind is told, as typed text in their order. */
    numbers: readonly string[];
    distribution: DistributionId;
    marked: MarkedCards;
    /** The cells that rows are drawn from. */
    cells: readonly string[];
    /** What was drawn goes back before the next one. */
    isReturned: boolean;
    seed: string;
    /** How many are drawn, as typed text; and of these, how many are told now. */
    count: string;
    upTo: number;
    sides: Readonly<{ heads: string; tails: string }>;
  }>;

export type DrawView = Readonly<{
  /** Which number is wrong, −1 for how many are drawn; or what is wrong with all of it. */
  fault: Readonly<{ index: number; problem: Problem }> | null;
  /** All that are asked for. */
  count: number;
  /** What came, the first of them, and how many are told. */
  drawn: readonly Drawn[];
  told: number;
  bars: readonly DrawnBar[];
  /** The numbers as columns, once all are told. */
  columns: readonly Readonly<{ name: string; cells: readonly string[] }>[];
}>;

const NOWHERE = { from: 0, to: 0 };
const NOTHING: Omit<DrawView, 'fault'> = { count: 0, drawn: [], told: 0, bars: [], columns: [] };
/** Draws that are made, and that are listed. */
const MOST = 100_000;
const LISTED = 200;
/** Parts of one draw that get a column each. */
const MOST_PARTS = 20;

type Fault = NonNullable<DrawView['fault']>;
const refuse = (index: number, problem: ProblemData): { ok: false; problem: Fault } =>
  fail({ index, problem: withSpan(problem, NOWHERE) });

/** What each number has to be. */
type Must = Readonly<{ least: number; most: number; isWhole: boolean }>;
const whole = (least: number, most: number): Must => ({ least, most, isWhole: true });
const ANY: Must = { least: -1e15, most: 1e15, isWhole: false };
const LARGEST = 1e15;

const demands: Readonly<Record<DrawnKind, readonly Must[]>> = {
  whole: [whole(-LARGEST, LARGEST), whole(-LARGEST, LARGEST)],
  numbers: [ANY, ANY, whole(0, 12)],
  dice: [whole(1, 20), whole(2, 1000)],
  coins: [whole(1, 200), { least: 0, most: 1, isWhole: false }],
  cards: [whole(1, DECK)],
  sample: [],
  // The places; the parameters before them are checked by the distribution itself.
  distribution: [whole(0, 12)],
};

/** Numbers drawn at random from a seed, told one after another, beside what theory expects of them. */
class Drawer {
  constructor(
    private readonly request: DrawRequest,
    private readonly shouldContinue: ShouldContinue,
  ) {}

  private number(text: string, index: number): Result<RealValue, Fault> {
    const value = entryValue(
      text,
      contextFor(this.request, this.shouldContinue, () => 0n),
    );
    if (!value.ok) return fail({ index, problem: value.problem });
    return isReal(value.value) ? succeed(value.value) : refuse(index, { code: 'domain', reason: 'real-only' });
  }

  private checked(text: string, index: number, { least, most, isWhole }: Must): Result<number, Fault> {
    const value = this.number(text, index);
    if (!value.ok) return value;
    const size = toDouble(value.value, this.shouldContinue);
    const fits = size >= least && size <= most && (!isWhole || asWhole(value.value) !== null);
    return fits ? succeed(size) : refuse(index, { code: 'outside-range', least, most, isWhole });
  }

  private numbers(): Result<readonly number[], Fault> {
    const { drawn, numbers, distribution } = this.request;
    const musts = demands[drawn];
    const free = numbers.length - musts.length;
    const found: number[] = [];
    const parameters: RealValue[] = [];
    for (const [index, text] of numbers.entries()) {
      if (drawn === 'distribution' && index < free) {
        const value = this.number(text, index);
        if (!value.ok) return value;
        parameters.push(value.value);
        found.push(toDouble(value.value, this.shouldContinue));
        continue;
      }
      const value = this.checked(text, index, itemAt(musts, index - free));
      if (!value.ok) return value;
      found.push(value.value);
    }
    if (drawn === 'distribution') {
      const sound = momentsOf(distribution, parameters, this.shouldContinue);
      if (!sound.ok) return refuse(0, sound.problem);
    }
    const [first = 0, second = 0] = found;
    if ((drawn === 'whole' || drawn === 'numbers') && first > second)
      return refuse(1, { code: 'domain', reason: 'first-above-last' });
    return succeed(found);
  }

  private drawing(chance: Generator, numbers: readonly number[]): Drawing {
    const { drawn, distribution, marked, cells, isReturned, sides } = this.request;
    const [first = 0, second = 0, third = 0] = numbers;
    switch (drawn) {
      case 'whole':
        return wholeNumbers(chance, first, second, isReturned);
      case 'numbers':
        return numbersBetween(chance, first, second, third);
      case 'dice':
        return diceThrown(chance, first, second);
      case 'coins':
        return coinsThrown(chance, first, second, sides);
      case 'cards':
        return cardsDrawn(chance, first, marked);
      case 'sample':
        return rowsDrawn(chance, cells, isReturned);
      case 'distribution':
        return fromDistribution(chance, distribution, numbers.slice(0, -1), numbers.at(-1) ?? 0);
    }
  }

  /** How many there are where each is drawn at most once; else null. */
  private stock(numbers: readonly number[]): number | null {
    const { drawn, cells, isReturned } = this.request;
    const [first = 0, second = 0] = numbers;
    if (drawn === 'sample' && (cells.length === 0 || !isReturned)) return cells.length;
    return drawn === 'whole' && !isReturned ? second - first + 1 : null;
  }

  run(): Result<DrawView, Fault> {
    const { request } = this;
    const numbers = this.numbers();
    if (!numbers.ok) return numbers;
    const stock = this.stock(numbers.value);
    if (stock === 0) return refuse(-2, { code: 'domain', reason: 'no-values' });
    const count = this.checked(request.count, -1, whole(1, Math.min(MOST, stock ?? MOST)));
    if (!count.ok) return count;
    const { next, law } = this.drawing(generatorOf(request.seed), numbers.value);
    const told = Math.min(count.value, request.upTo);
    const all: Drawn[] = [];
    for (let i = 0; i < told; i += 1) {
      if (i % 1024 === 0 && !this.shouldContinue()) return refuse(-2, { code: 'stopped' });
      all.push(next());
    }
    const values = all.map(({ value }) => value);
    const isWhole = request.drawn !== 'numbers' && law?.isOfCounts !== false;
    const bars =
      request.drawn === 'sample'
        ? labelBars(
            all.map(({ parts }) => parts.join()),
            request.cells,
          )
        : barsOf(values, law, isWhole);
    return succeed({
      fault: null,
      count: count.value,
      drawn: all.slice(0, LISTED),
      told,
      bars,
      columns: told === count.value ? columnsOf(all) : [],
    });
  }
}

/** The parts of each draw beside each other, and what is counted of them where that is another number. */
function columnsOf(all: readonly Drawn[]): DrawView['columns'] {
  const parts = Math.min(MOST_PARTS, all[0]?.parts.length ?? 0);
  const columns = Array.from({ length: parts }, (_, k) => ({
    name: parts === 1 ? '' : String(k + 1),
    cells: all.map((drawn) => drawn.parts[k] ?? ''),
  }));
  return parts === 1 ? columns : [...columns, { name: '', cells: all.map(({ value }) => String(value)) }];
}

/** What is drawn, or which of the numbers stands in the way. Problems: stopped. */
export function drawView(request: DrawRequest, shouldContinue: ShouldContinue): Result<DrawView, Problem> {
  const result = new Drawer(request, shouldContinue).run();
  if (result.ok) return result;
  const { problem } = result.problem;
  return problem.code === 'stopped' ? fail(problem) : succeed({ ...NOTHING, fault: result.problem });
}
