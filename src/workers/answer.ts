import type { AngleUnit } from '@/core/base/angle';
import { place } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Span } from '@/core/base/span';
import { evaluate } from '@/core/evaluate/evaluate';
import { anglesWithPi, unmarkedAngles, usesAngleUnit } from '@/core/evaluate/observe';
import { formsOf } from '@/core/format';
import type { Form } from '@/core/format/form';
import { batchText } from '@/core/format/layout';
import type { DisplaySettings } from '@/core/format/settings';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import type { Reading } from '@/core/language/parse';
import { readAs } from '@/core/language/read-as';
import type { ReadingOptions } from '@/core/language/tokens';
import type { Alive } from '@/core/base/alive';
import { encode, fitsFile } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import { roundToFigures } from '@/core/number/digits';
import { absolute, powerOfTen } from '@/core/number/integer';
import { asWhole } from '@/core/number/value';
import type { Value } from '@/core/number/value';

/** Everything a line's answer depends on. Plain data, so that it crosses to the worker. */
export type LineRequest = Readonly<{
  text: string;
  angle: AngleUnit;
  impliedFirst: boolean;
  display: DisplaySettings;
  ans: Value | null;
  letters: ReadonlyMap<string, Value>;
}>;

export type LineAnswer = Readonly<{
  /** The letter that keeps the value, for `A := …`. */
  target: string | null;
  value: Value;
  saved: SavedValue;
  readAs: Readonly<{ text: string; isTelling: boolean }>;
  forms: readonly Form[];
  /** The value with 50 significant digits, or all that it has when it is exact and ends before; a whole number in full. */
  full: string;
  usesAngleUnit: boolean;
  /** What the line would come to in the other angle unit, when an angle in it carries no unit. */
  otherUnit: Readonly<{ unit: AngleUnit; text: string; exact: boolean }> | null;
  /** Angles with π in them while degrees or gradians are set. */
  piWithoutRadians: readonly Span[];
}>;

export const readingOptions = (
  s: Pick<LineRequest, 'impliedFirst'> & { display: Pick<DisplaySettings, 'decimalSign'> },
): ReadingOptions => ({
  functions: functionNames,
  decimalSign: s.display.decimalSign,
  impliedFirst: s.impliedFirst,
});

const otherUnitOf = (unit: AngleUnit): AngleUnit => (unit === 'rad' ? 'deg' : 'rad');

function valueOf(reading: Reading, request: LineRequest, angle: AngleUnit, alive: Alive): Result<Value, Problem> {
  const { ans, letters } = request;
  return evaluate(reading.tree, { angle, names: { ans, letters }, alive });
}

function inOtherUnit(reading: Reading, request: LineRequest, alive: Alive): LineAnswer['otherUnit'] {
  if (unmarkedAngles(reading.tree).length === 0) return null;
  const unit = otherUnitOf(request.angle);
  const value = valueOf(reading, request, unit, alive);
  const forms = value.ok ? formsOf(value.value, request.display, alive) : null;
  const [first] = forms?.ok ? forms.value : [];
  return first ? { unit, text: first.text, exact: first.exact } : null;
}

const FULL_DIGITS = 50;
const LONGEST_WHOLE = powerOfTen(5000);

function fullText(value: Value, alive: Alive): string | null {
  const whole = asWhole(value);
  if (whole !== null && absolute(whole) < LONGEST_WHOLE) return whole.toString();
  const rounded = roundToFigures(value, FULL_DIGITS, alive);
  return typeof rounded === 'string' ? null : batchText(rounded);
}

/** Reads, evaluates and writes a line in all its forms. The work of the web worker, without the worker. */
export function answerLine(request: LineRequest, alive: Alive): Result<LineAnswer, Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const { tree, target } = reading.value;
  const value = valueOf(reading.value, request, request.angle, alive);
  if (!value.ok) return value;
  const saved = encode(value.value);
  if (!fitsFile(saved)) return fail(place({ code: 'too-large' }, tree.span));
  const forms = formsOf(value.value, request.display, alive);
  if (!forms.ok) return fail(place({ code: forms.problem }, tree.span));
  const read = readAs(reading.value, { decimalSign: request.display.decimalSign, impliedFirst: request.impliedFirst });
  return succeed({
    target,
    value: value.value,
    saved,
    readAs: { text: read.text, isTelling: read.isTelling },
    forms: forms.value,
    full: fullText(value.value, alive) ?? forms.value[0]!.typed,
    usesAngleUnit: usesAngleUnit(tree),
    otherUnit: inOtherUnit(reading.value, request, alive),
    piWithoutRadians: request.angle === 'rad' ? [] : anglesWithPi(tree),
  });
}
