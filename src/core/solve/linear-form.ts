import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { placed, refused } from '../evaluate/context';
import type { Context } from '../evaluate/context';
import { evaluate } from '../evaluate/evaluate';
import { mentions } from '../evaluate/real-expr';
import { asNumber } from '../evaluate/values';
import type { Tree } from '../language/tree';
import { ONE, ZERO } from '../number/arithmetic';
import * as complex from '../number/complex';
import type { Scalar } from '../number/value';

/** c₁x₁ + c₂x₂ + … + constant; a letter that is not among the coefficients has 0. */
export type LinearForm = Readonly<{ coefficients: ReadonlyMap<string, Scalar>; constant: Scalar }>;

const scaledBy = (form: LinearForm, by: (v: Scalar) => Scalar): LinearForm => ({
  coefficients: new Map([...form.coefficients].map(([name, c]) => [name, by(c)])),
  constant: by(form.constant),
});

function sumOf(a: LinearForm, b: LinearForm): LinearForm {
  const coefficients = new Map(a.coefficients);
  for (const [name, c] of b.coefficients) coefficients.set(name, complex.add(coefficients.get(name) ?? ZERO, c));
  return { coefficients, constant: complex.add(a.constant, b.constant) };
}

export const differenceOf = (a: LinearForm, b: LinearForm): LinearForm => sumOf(a, scaledBy(b, complex.negate));

/**
 * An expression as a sum of multiples of the unknowns and a constant; all other letters stand for what they hold. Exact
 * where its numbers are. Problems: those of its values; domain (not-linear) at the part that is something else.
 */
export function linearForm(tree: Tree, unknowns: readonly string[], context: Context): Result<LinearForm, Problem> {
  const of = (part: Tree): Result<LinearForm, Problem> => linearForm(part, unknowns, context);
  const holds = (part: Tree): boolean => unknowns.some((name) => mentions(part, name));
  const valueOf = (part: Tree): Result<Scalar, Problem> => {
    const value = evaluate(part, context);
    return value.ok ? placed(asNumber('=', value.value), part.span) : value;
  };
  if (!holds(tree)) {
    const value = valueOf(tree);
    return value.ok ? succeed({ coefficients: new Map(), constant: value.value }) : value;
  }
  const notLinear = refused({ code: 'domain', reason: 'not-linear' }, tree.span);
  switch (tree.kind) {
    case 'letter':
      return succeed({ coefficients: new Map([[tree.name, ONE]]), constant: ZERO });
    case 'group':
      return of(tree.of);
    case 'negate': {
      const form = of(tree.of);
      return form.ok ? succeed(scaledBy(form.value, complex.negate)) : form;
    }
    case 'binary': {
      const { op, left, right } = tree;
      if (op === 'plus' || op === 'minus') {
        const [a, b] = [of(left), of(right)];
        if (!a.ok || !b.ok) return a.ok ? b : a;
        return succeed(op === 'plus' ? sumOf(a.value, b.value) : differenceOf(a.value, b.value));
      }
      if (op === 'mod' || (holds(left) && holds(right))) return notLinear;
      if (op === 'times' || op === 'implied') {
        const [form, by] = holds(left) ? [of(left), valueOf(right)] : [of(right), valueOf(left)];
        if (!form.ok || !by.ok) return form.ok ? (by as Result<never, Problem>) : form;
        return succeed(scaledBy(form.value, (c) => complex.multiply(c, by.value)));
      }
      if (!holds(left)) return notLinear;
      const [form, by] = [of(left), valueOf(right)];
      if (!form.ok || !by.ok) return form.ok ? (by as Result<never, Problem>) : form;
      const one = placed(complex.divide(ONE, by.value, context.shouldContinue), right.span);
      if (!one.ok) return one;
      return succeed(scaledBy(form.value, (c) => complex.multiply(c, one.value)));
    }
    default:
      return notLinear;
  }
}
