import { printText, TYPED } from '../language/print-text';
import type { Tree } from '../language/tree';
import type { Alive } from '../base/alive';
import type { Value } from '../number/value';
import type { DisplaySettings } from './settings';

export const formIds = ['exact', 'fraction', 'mixed', 'recurring', 'decimal'] as const;
export type FormId = (typeof formIds)[number];

/**
 * One way to write a value. `exact` decides the sign before it; `settled` is false when digits could not be proved.
 * The formula, LaTeX and MathML are made from `typed` where they are drawn or copied.
 */
export type Form = Readonly<{
  id: FormId;
  exact: boolean;
  settled: boolean;
  /** As shown, in one line of text. */
  text: string;
  /** Typed syntax that reads back as what is shown. */
  typed: string;
}>;

/** A display form: null when the value has no such form; a code when it could not be worked out. */
export type FormRecord = Readonly<{
  id: FormId;
  write: (v: Value, settings: DisplaySettings, alive: Alive) => Form | null | 'too-large' | 'stopped' | 'not-converged';
}>;

/** A form that is an expression, and exact. */
export function expressionForm(id: FormId, tree: Tree, { decimalSign, grouping }: DisplaySettings): Form {
  return {
    id,
    exact: true,
    settled: true,
    text: printText(tree, { style: 'reading', decimalSign, impliedFirst: false, grouping }),
    typed: printText(tree, TYPED),
  };
}
