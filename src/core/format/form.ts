import { itemAt } from '../base/item';
import { printText, TYPED } from '../language/print-text';
import type { AngleUnit } from '../base/angle';
import type { Tree } from '../language/tree';
import type { ShouldContinue } from '../base/should-continue';
import type { Scalar } from '../number/value';
import type { DisplaySettings } from './settings';

export const formIds = [
  'exact',
  'factored',
  'truth',
  'fraction',
  'mixed',
  'recurring',
  'decimal',
  'dms',
  'turn',
  'polar',
  'factors',
  'remainder',
  'binary',
  'octal',
  'hexadecimal',
  'otherBase',
  'solution',
] as const;
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

/** What is known of a value besides its size. */
export type Nature = Readonly<{
  /** The angle unit that is set. */
  unit: AngleUnit;
  /** The value is an angle, in that unit. */
  isAngle: boolean;
  /** The whole numbers of which it is the quotient as it was written. */
  quotient: Readonly<{ of: bigint; by: bigint }> | null;
  /** It was written in decimals, and so is what it comes to first. */
  isDecimal: boolean;
  /** The bases besides ten in which it is looked at. */
  bases: readonly number[];
  /** The line asks for it in this base. */
  asked: number | null;
}>;

/** A value of which nothing more is known. */
export const plainNature = (unit: AngleUnit): Nature => ({
  unit,
  isAngle: false,
  quotient: null,
  isDecimal: false,
  bases: [],
  asked: null,
});

/** A display form of a number: null when it has no such form; a code when it could not be worked out. */
export type FormRecord = Readonly<{
  id: FormId;
  write: (
    v: Scalar,
    settings: DisplaySettings,
    shouldContinue: ShouldContinue,
    nature: Nature,
  ) => Form | null | 'too-large' | 'stopped' | 'not-converged';
}>;

/** The form in which an answer is shown. */
export const chosenForm = ({ forms, chosen }: Readonly<{ forms: readonly Form[]; chosen: FormId }>): Form =>
  forms.find(({ id }) => id === chosen) ?? itemAt(forms, 0);

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
