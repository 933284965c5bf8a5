import { itemAt } from '@/core/base/item';
import { withLetter } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import { roundedTexts } from '@/core/format/decimal';
import type { Form } from '@/core/format/form';
import type { Tree } from '@/core/language/tree';
import { fromRational } from '@/core/number/value';
import type { Value } from '@/core/number/value';
import { middleOf } from '@/core/solve/root';
import type { Root } from '@/core/solve/root';
import { encode, fitsFile } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import { fullText } from './answer';
import type { LineRequest } from './answer';

/** A solution in its forms, with both sides of the equation worked at it. */
export type SolutionView = Readonly<{
  /** Null for one that is known only to lie between two numbers. */
  value: Value | null;
  forms: readonly Form[];
  isSure: boolean;
  check: Readonly<{ left: string; right: string; sign: '=' | '≈' }> | null;
}>;

/** A value in its forms, and as it is kept: `saved` is null for one that is too large, or none. */
export type KeptView = Readonly<{ forms: readonly Form[]; saved: SavedValue | null; full: string }>;

/** Writes values and solutions in their forms, as the settings of a request have them. */
export class Shower {
  constructor(
    private readonly request: LineRequest,
    private readonly context: Context,
  ) {}

  forms(v: Value): readonly Form[] {
    const nature = plainNature(this.request.angle);
    const result = formsOf(v, this.request.display, this.context.shouldContinue, nature);
    return result.ok ? result.value.filter((f) => f.id !== 'factors') : [];
  }

  /** A value in its forms, to be kept and copied. */
  kept(v: Value): KeptView {
    const forms = this.forms(v);
    const saved = encode(v);
    const full = fullText(v, this.context.shouldContinue) ?? forms[0]?.typed ?? '';
    return { forms, saved: fitsFile(saved) ? saved : null, full };
  }

  /** The decimal of a root that is known to lie between two numbers: settled when both round alike. */
  private near({ low, high }: Root & { kind: 'near' }): readonly Form[] {
    const { display } = this.request;
    const [below, above] = [low, high].map((r) => roundedTexts(fromRational(r), display, this.context.shouldContinue));
    if (typeof below !== 'object' || typeof above !== 'object') return [];
    return [{ id: 'decimal', exact: false, settled: below.text === above.text, text: below.text, typed: below.typed }];
  }

  solution(root: Root, equation: Tree | null, letter: string): SolutionView {
    const value = root.kind === 'near' ? middleOf(root) : root.value;
    const forms = root.kind === 'near' ? this.near(root) : this.forms(value);
    return {
      value: root.kind === 'exact' ? value : null,
      forms,
      isSure: root.kind === 'exact' || root.isSure,
      check: this.check(equation, letter, value, root.kind),
    };
  }

  /** A complex solution that is known to more digits than are shown. */
  nearComplex(value: Value): SolutionView {
    const decimal = this.forms(value).filter((f) => f.id === 'decimal');
    return { value: null, forms: decimal.map((f) => ({ ...f, exact: false })), isSure: true, check: null };
  }

  /** Both sides of an equation at a solution. */
  private check(equation: Tree | null, letter: string, value: Value, kind: Root['kind']): SolutionView['check'] {
    if (equation?.kind !== 'relation') return null;
    const context = withLetter(this.context, letter, value);
    const [left, right] = [equation.first, itemAt(equation.rest, 0).right].map((side) => {
      const result = evaluate(side, value.kind === 'complex' ? { ...context, complex: true } : context);
      const forms = result.ok ? this.forms(result.value) : [];
      return (kind === 'exact' ? forms[0] : (forms.find((f) => f.id === 'decimal') ?? forms[0]))?.text ?? null;
    });
    return left == null || right == null ? null : { left, right, sign: kind === 'exact' ? '=' : '≈' };
  }

  /** A solution and all that lie whole multiples of a period from it; `sign` is put after angles. */
  family(root: Root, period: Value, sign: string): Form | null {
    const [first] = this.solution(root, null, '').forms;
    const periods = this.forms(period);
    const step = periods.find((form) => form.exact) ?? periods[0];
    if (first === undefined || step === undefined) return null;
    const isZero = root.kind === 'exact' && root.value.kind === 'rational' && root.value.value.n === 0n;
    const [text, typed] = isZero ? ['', ''] : [`${first.text}${sign} + `, `${first.typed}${sign}+`];
    return {
      id: first.id,
      exact: first.exact && step.exact,
      settled: first.settled && step.settled,
      text: `${text}n·${step.text}${sign}`,
      typed: `${typed}n*${step.typed}${sign}`,
    };
  }

  end(root: Root | null, isTaken: boolean): Readonly<{ form: Form; isTaken: boolean }> | null {
    if (root === null) return null;
    const [form] = this.solution(root, null, '').forms;
    return form === undefined ? null : { form, isTaken };
  }
}
