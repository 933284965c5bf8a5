import { entryAt } from '@/core/base/item';
import { guarded } from '@/core/base/limits';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { LineBeside } from '@/core/chart/model';
import { viewOfPoints } from '@/core/chart/range';
import type { ViewRange } from '@/core/curve/view';
import type { FitModel } from '@/core/column/fit-models';
import { withLetter } from '@/core/evaluate/context';
import { compileDoubles } from '@/core/evaluate/doubles';
import { boundName } from '@/core/keyed/operand';
import { letterTree } from '@/core/language/tree';
import * as q from '@/core/number/rational';
import { fromRational } from '@/core/number/value';
import type { LineRequest } from './answer';
import { readPair } from './column-data';
import type { PairRequest, ReadPair } from './column-data';
import { shownText } from './column-reader';
import type { WithCellErrors, Reader } from './column-reader';
import { curveOf } from './fit-curve';

export type CompareRequest = LineRequest & Readonly<{ data: PairRequest }>;

/** A fit beside the others: how much it explains of y itself, and Akaike's criterion of what it leaves there. */
export type Compared = Readonly<{
  model: FitModel;
  degree: number;
  direct: boolean;
  adjusted: string | null;
  aic: string | null;
  /** By which they are ranked: less is better. */
  rank: number;
  curve: LineBeside;
}>;

export type CompareView = Readonly<{
  fits: readonly Compared[];
  points: LineBeside;
  view: ViewRange;
}>;

type Candidate = Readonly<{ model: FitModel; degree: number; direct: boolean }>;

const candidates: readonly Candidate[] = [
  { model: 'straight', degree: 1, direct: false },
  { model: 'polynomial', degree: 2, direct: false },
  { model: 'polynomial', degree: 3, direct: false },
  { model: 'exponential', degree: 1, direct: false },
  { model: 'exponential', degree: 1, direct: true },
  { model: 'power', degree: 1, direct: false },
  { model: 'power', degree: 1, direct: true },
  { model: 'logarithmic', degree: 1, direct: false },
  { model: 'logistic', degree: 1, direct: false },
];

const SAMPLES = 60;
const NOWHERE = { from: 0, to: 0 } as const;
/** A model whose search takes longer is left out. */
const MOST_MS = 1000;

/** The reader with its time cut for one model. */
function withinTime(reader: Reader): Reader {
  const { shouldContinue } = reader.context;
  const end = performance.now() + MOST_MS;
  return {
    ...reader,
    context: { ...reader.context, shouldContinue: () => performance.now() < end && shouldContinue() },
  };
}
const PLAIN = { origin: false, expr: '', start: '' } as const;

const near = (v: number): q.Rational => q.rational(BigInt(Math.round(v * 1e9)), 10n ** 9n);

function comparedTo(
  candidate: Candidate,
  pair: ReadPair,
  view: ViewRange,
  request: CompareRequest,
  reader: Reader,
): Compared | null {
  const limited = withinTime(reader);
  const found = guarded(
    () => curveOf({ ...candidate, ...PLAIN }, pair, null, limited),
    (problem) => withSpan(problem, NOWHERE),
  );
  if (!found.ok) return null;
  const { coefficients, equation } = found.value;
  const names = new Map(coefficients.map((value, i) => [value, boundName(i)]));
  const context = coefficients.reduce((all, value, i) => withLetter(all, boundName(i), value), reader.context);
  const f = compileDoubles(
    equation((v) => letterTree(entryAt(names, v))),
    'x',
    context,
  );
  if (f === null) return null;
  const [xs, ys] = [pair.x.map(q.roughly), pair.y.map(q.roughly)];
  const weight = (i: number): number => Number(pair.counts?.[i] ?? 1n);
  const n = xs.reduce((sum, _, i) => sum + weight(i), 0);
  const mean = ys.reduce((sum, y, i) => sum + weight(i) * y, 0) / n;
  const left = xs.reduce((sum, x, i) => sum + weight(i) * ((ys[i] ?? 0) - f(x)) ** 2, 0);
  const whole = ys.reduce((sum, y, i) => sum + weight(i) * (y - mean) ** 2, 0);
  const df = n - coefficients.length;
  const adjusted = whole > 0 && df > 0 ? 1 - (left / whole) * ((n - 1) / df) : null;
  const isPerfect = !(left > whole * 1e-24);
  const aic = isPerfect ? null : n * Math.log(left / n) + 2 * (coefficients.length + 1);
  if (!Number.isFinite(left)) return null;
  const text = (v: number | null): string | null =>
    v === null
      ? null
      : shownText(
          fromRational(near(v)),
          { ...request, display: { ...request.display, mode: 'auto', digits: 5 } },
          reader.context,
        );
  const at = Array.from({ length: SAMPLES + 1 }, (_, i) => view.xFrom + ((view.xTo - view.xFrom) * i) / SAMPLES);
  return {
    ...candidate,
    adjusted: text(adjusted),
    aic: text(aic),
    rank: aic ?? -Infinity,
    curve: { xs: at, ys: at.map(f) },
  };
}

/** The usual models side by side, that which leaves least for its number of coefficients first. Problems: those of the cells. */
export function compared(request: CompareRequest, reader: Reader): Result<WithCellErrors<CompareView>, Problem> {
  const read = readPair(request.data, reader);
  if (!read.ok) return read;
  if (read.value.result === null) return succeed({ ...read.value, result: null });
  const pair = read.value.result;
  const [xs, ys] = [pair.x.map(q.roughly), pair.y.map(q.roughly)];
  const view = viewOfPoints(xs, ys);
  const fits = candidates.flatMap((candidate) => comparedTo(candidate, pair, view, request, reader) ?? []);
  const ranked = [...fits].sort((a, b) => a.rank - b.rank);
  return succeed({ flags: [], hasMore: false, result: { fits: ranked, points: { xs, ys }, view } });
}
