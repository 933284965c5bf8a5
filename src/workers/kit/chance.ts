import { itemAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import { chanceValue, distributionOf, momentsOf } from '@/core/chance';
import type { Moments } from '@/core/chance';
import { sketchOf, sketchRange } from '@/core/chance/sketch';
import type { ShareMarks } from '@/core/chart/model';
import type { ViewRange } from '@/core/curve/view';
import type { Context } from '@/core/evaluate/context';
import { roundedTexts } from '@/core/format/decimal';
import { distributionShape } from '@/core/function/chance/distributions';
import type { DistributionId } from '@/core/function/chance/distributions';
import { root } from '@/core/number/power';
import { toDouble } from '@/core/number/to-double';
import { fromWhole, isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import { contextFor } from '../answer';
import type { LineRequest } from '../answer';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { entryValue } from './tables';

/** A distribution by the texts of its parameters. */
export type DistributionTexts = Readonly<{ id: DistributionId; parameters: readonly string[] }>;

export type ChanceRequest = LineRequest &
  DistributionTexts &
  Readonly<{
    /** The bounds of the part that is asked for; an empty one is none. */
    from: string;
    to: string;
    /** A second distribution, laid over the first. */
    other: DistributionTexts | null;
    hasTable: boolean;
  }>;

/** The probability of a count and the share up to it. */
export type ChanceRow = Readonly<{ k: number; at: string; below: string }>;

type Fault = Readonly<{ index: number; problem: Problem }>;

export type ChanceView = Readonly<{
  /** Which parameter is wrong, if one is; that of the second distribution is told apart. */
  fault: Fault | null;
  secondFault: Fault | null;
  mean: KeptView | null;
  variance: KeptView | null;
  deviation: KeptView | null;
  modes: readonly KeptView[];
  marks: ShareMarks | null;
  /** The second one, as a curve or as the tops of its bars. */
  over: Readonly<{ xs: readonly number[]; ys: readonly number[] }> | null;
  view: ViewRange | null;
  /** Mean and standard deviation as numbers, for the scale of z beside the axis. */
  scale: Readonly<{ mean: number; deviation: number }> | null;
  rows: readonly ChanceRow[];
}>;

const NOWHERE = { from: 0, to: 0 };
const NOTHING: ChanceView = {
  fault: null,
  secondFault: null,
  mean: null,
  variance: null,
  deviation: null,
  modes: [],
  marks: null,
  over: null,
  view: null,
  scale: null,
  rows: [],
};
/** Rows of a table of counts. */
const MOST_ROWS = 120;

function numbersIn(texts: readonly string[], context: Context): Result<readonly RealValue[], Fault> {
  const values: RealValue[] = [];
  for (const [index, text] of texts.entries()) {
    const value = entryValue(text, context);
    if (!value.ok) return fail({ index, problem: value.problem });
    if (!isReal(value.value))
      return fail({ index, problem: withSpan({ code: 'domain', reason: 'real-only' }, { from: 0, to: text.length }) });
    values.push(value.value);
  }
  return succeed(values);
}

const boundIn = (text: string, context: Context): number | null => {
  const value = text === '' ? null : entryValue(text, context);
  return value?.ok === true && isReal(value.value) ? toDouble(value.value, context.shouldContinue) : null;
};

class Worker {
  private readonly shower: Shower;

  constructor(
    private readonly request: ChanceRequest,
    private readonly context: Context,
  ) {
    this.shower = new Shower(request, context);
  }

  private doubles = (values: readonly RealValue[]): readonly number[] =>
    values.map((v) => toDouble(v, this.context.shouldContinue));

  /** The parameters of a distribution with what is known of it as a whole, or which of them is wrong. */
  private described(
    id: DistributionId,
    texts: readonly string[],
  ): Result<Readonly<{ parameters: readonly RealValue[]; moments: Moments<RealValue> }>, Fault> {
    const parameters = numbersIn(texts, this.context);
    if (!parameters.ok) return parameters;
    const moments = momentsOf(id, parameters.value, this.context.shouldContinue);
    if (moments.ok) return succeed({ parameters: parameters.value, moments: moments.value });
    const { problem } = moments;
    const names = (distributionShape(id)?.parameters ?? []).map(({ name }) => name);
    const index = problem.code === 'parameter' ? names.indexOf(problem.name) : 0;
    return fail({ index, problem: withSpan(problem, NOWHERE) });
  }

  /** What is drawn: the first distribution, its part between the bounds, and the second one over both. */
  private picture(
    parameters: readonly RealValue[],
    other: Readonly<{ id: DistributionId; parameters: readonly RealValue[] }> | null,
  ): Pick<ChanceView, 'marks' | 'over' | 'view'> {
    const { id } = this.request;
    const [from, to] = [boundIn(this.request.from, this.context), boundIn(this.request.to, this.context)];
    const own = this.doubles(parameters);
    const others = other === null ? null : this.doubles(other.parameters);
    const ranges = [sketchRange(id, own), other !== null && others !== null ? sketchRange(other.id, others) : null];
    const known = ranges.filter((range) => range !== null);
    if (known.length === 0 || ranges[0] === null) return { marks: null, over: null, view: null };
    const range = [Math.min(...known.map(([low]) => low)), Math.max(...known.map(([, high]) => high))] as const;
    const sketch = sketchOf(id, own, range);
    if (sketch === null) return { marks: null, over: null, view: null };
    const over = other === null || others === null ? null : sketchOf(other.id, others, range);
    const top = Math.max(sketch.top, over?.top ?? 0) || 1;
    return {
      marks: { kind: 'share', xs: sketch.xs, ys: sketch.ys, isOfCounts: sketch.isOfCounts, from, to },
      over,
      view: { xFrom: range[0], xTo: range[1], yFrom: -0.1 * top, yTo: 1.12 * top },
    };
  }

  /** The probabilities of the counts that are drawn. */
  private rows(parameters: readonly RealValue[]): readonly ChanceRow[] {
    const { id, display } = this.request;
    const { shouldContinue } = this.context;
    const range = sketchRange(id, this.doubles(parameters));
    if (range === null) return [];
    const first = Math.ceil(range[0]) + 1;
    const last = Math.min(Math.floor(range[1]) - 1, first + MOST_ROWS - 1);
    const text = (question: 'at' | 'below', k: number): string => {
      const value = chanceValue(id, question, [fromWhole(k)], parameters, id, shouldContinue);
      const rounded = value.ok ? roundedTexts(value.value, display, shouldContinue) : null;
      return typeof rounded === 'object' && rounded !== null ? rounded.text : '';
    };
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => ({
      k: first + i,
      at: text('at', first + i),
      below: text('below', first + i),
    }));
  }

  told(): Result<ChanceView, Problem> {
    const { id, parameters: texts, other, hasTable } = this.request;
    const { shouldContinue } = this.context;
    const first = this.described(id, texts);
    if (!first.ok) return succeed({ ...NOTHING, fault: first.problem });
    const { parameters, moments } = first.value;
    const second = other === null ? null : this.described(other.id, other.parameters);
    const over = second?.ok === true && other !== null ? { id: other.id, parameters: second.value.parameters } : null;
    const { mean, variance, modes } = moments;
    const deviation = variance === null ? null : root(variance, 2, shouldContinue);
    const spread = deviation?.ok === true ? deviation.value : null;
    const kept = (v: RealValue | null): KeptView | null => (v === null ? null : this.shower.kept(v));
    const isNormal = id === 'normal';
    return succeed({
      ...NOTHING,
      mean: kept(mean),
      variance: kept(variance),
      deviation: kept(spread),
      modes: modes.map((v) => this.shower.kept(v)),
      secondFault: second?.ok === false ? second.problem : null,
      ...this.picture(parameters, over),
      scale: isNormal
        ? {
            mean: toDouble(itemAt(parameters, 0), shouldContinue),
            deviation: toDouble(itemAt(parameters, 1), shouldContinue),
          }
        : null,
      rows: hasTable && distributionOf(id).isOfCounts ? this.rows(parameters) : [],
    });
  }
}

/** A distribution as a whole, with the picture of the part that is asked for, and the table of counts. */
export const chanceView = (request: ChanceRequest, shouldContinue: ShouldContinue): Result<ChanceView, Problem> =>
  new Worker(
    request,
    contextFor(request, shouldContinue, () => 0n),
  ).told();
