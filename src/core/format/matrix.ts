import { itemAt } from '../base/item';
import type { ShouldContinue } from '../base/should-continue';
import { binaryTree, matrixTree } from '../language/tree';
import { asRationals, sizeOf } from '../matrix/matrix';
import { gcd } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { isExact } from '../number/value';
import type { Matrix } from '../number/value';
import { decimal } from './decimal';
import { exactTree, rationalTree } from './exact-tree';
import { expressionForm, plainNature } from './form';
import type { Form } from './form';
import type { DisplaySettings } from './settings';

/** The largest rational of which every entry is a whole multiple; null where it says nothing. */
function commonFactor(entries: readonly (readonly Rational[])[]): Rational | null {
  const all = entries.flat();
  const d = all.reduce((lcm, entry) => (lcm / gcd(lcm, entry.d)) * entry.d, 1n);
  const n = all.reduce((common, entry) => gcd(common, entry.n * (d / entry.d)), 0n);
  const factor = n === 0n ? q.ONE : q.rational(n, d);
  return q.equal(factor, q.ONE) || all.length === 1 ? null : factor;
}

/** The matrix behind what all its entries have in common: 1/6·[[3, −1], [0, 2]]. */
function factored(m: Matrix, settings: DisplaySettings): Form | null {
  const entries = asRationals(m);
  const factor = entries === null ? null : commonFactor(entries);
  if (entries === null || factor === null) return null;
  const inner = entries.flat().map((entry) => rationalTree(q.divide(entry, factor)));
  const tree = binaryTree('times', rationalTree(factor), matrixTree(sizeOf(m)[1], inner));
  return expressionForm('factored', tree, settings);
}

/** Every entry as a decimal, each rounded as the settings say. */
function inDecimals(m: Matrix, settings: DisplaySettings, shouldContinue: ShouldContinue) {
  const rows: Form[][] = [];
  for (const row of m.rows) {
    const forms: Form[] = [];
    for (const entry of row) {
      const form = decimal.write(entry, settings, shouldContinue, plainNature('rad'));
      if (form === null || typeof form === 'string') return form;
      forms.push(form);
    }
    rows.push(forms);
  }
  const all = rows.flat();
  const columns = itemAt(rows, 0).length;
  const joined = (of: (form: Form) => string, between: string): string => {
    const list = (texts: readonly string[]): string => `[${texts.join(between)}]`;
    return columns === 1 ? list(all.map(of)) : list(rows.map((row) => list(row.map(of))));
  };
  return {
    id: 'decimal',
    exact: all.every(({ exact }) => exact),
    settled: all.every(({ settled }) => settled),
    text: joined(({ text }) => text, settings.decimalSign === ',' ? '; ' : ', '),
    typed: joined(({ typed }) => typed, ','),
  } as const satisfies Form;
}

/** The forms of a matrix: exact where its entries are, with a common factor taken out, in decimals. */
export function matrixForms(
  m: Matrix,
  settings: DisplaySettings,
  shouldContinue: ShouldContinue,
): readonly (Form | null | 'too-large' | 'stopped' | 'not-converged')[] {
  const exact = isExact(m) ? expressionForm('exact', exactTree(m), settings) : null;
  return [exact, factored(m, settings), inDecimals(m, settings, shouldContinue)];
}
