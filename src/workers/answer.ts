import { itemAt } from '@/core/base/item';
import type { AngleUnit } from '@/core/base/angle';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { contextOf } from '@/core/evaluate/context';
import type { Context } from '@/core/evaluate/context';
import { decideLine, evaluate } from '@/core/evaluate/evaluate';
import {
  basesOf,
  isAngle,
  isInDecimals,
  quotientOf,
  unmarkedAngles,
  usesAngleUnit,
  withRadians,
} from '@/core/evaluate/observe';
import { formsOf } from '@/core/format';
import { USUAL_BASES } from '@/core/format/based';
import type { Form, Nature } from '@/core/format/form';
import { nearTo } from '@/core/format/near';
import type { NearKind } from '@/core/format/near';
import { batchText } from '@/core/format/layout';
import type { DisplaySettings } from '@/core/format/settings';
import { functionNames } from '@/core/function';
import type { Random } from '@/core/function/record';
import { openLetters } from '@/core/evaluate/open-letters';
import { parse } from '@/core/language/parse';
import type { Reading } from '@/core/language/parse';
import { boundName } from '@/core/keyed/operand';
import { printText } from '@/core/language/print-text';
import { readAs } from '@/core/language/read-as';
import { isTruth } from '@/core/language/truth';
import type { ReadingOptions } from '@/core/language/tokens';
import type { Tree } from '@/core/language/tree';
import type { ShouldContinue } from '@/core/base/should-continue';
import { withColumns } from './named-columns';
import { encode, fitsFile } from '@/core/notebook/value-codec';
import type { SavedValue } from '@/core/notebook/value-codec';
import { roundToFigures } from '@/core/number/digits';
import { absolute, powerOfTen } from '@/core/number/integer';
import { asWhole, isReal } from '@/core/number/value';
import type { Value } from '@/core/number/value';
import type { WordId } from '@/core/radix/word';
import { isTooCold } from '@/core/unit/convert';
import { readUnit } from '@/core/unit/read';

/** The settings that an answer depends on. */
export type WorkSettings = Readonly<{
  angle: AngleUnit;
  impliedFirst: boolean;
  complex: boolean;
  /** Results in the usual bases besides ten. */
  bases: boolean;
  word: WordId;
  display: DisplaySettings;
}>;

/** Everything a line's answer depends on. Plain data, so that it crosses to the worker. */
export type LineRequest = WorkSettings &
  Readonly<{
    text: string;
    ans: Value | null;
    letters: ReadonlyMap<string, Value>;
    slots: ReadonlyMap<number, Value>;
    total: Value | null;
    /** Typed text for letters that hold nothing: they stand for its value. */
    tries: Readonly<Record<string, string>>;
    /** The cells of columns that the text names, by their names. */
    lists?: ReadonlyMap<string, readonly string[]>;
    /** A value that the text names came as a decimal. */
    namesDecimals: boolean;
    /** Functions that are off for now, by name. */
    off?: readonly string[];
  }>;

export type LineAnswer = Readonly<{
  /** The letter that keeps the value, for `A := …`. */
  target: string | null;
  /** Null for a line that is true or false. */
  value: Value | null;
  saved: SavedValue | null;
  /** `typed`: the line with the grouping written into it. */
  readAs: Readonly<{ text: string; typed: string; isAmbiguous: boolean }>;
  forms: readonly Form[];
  /** The value with 50 significant digits, or all that it has when it is exact and ends before; a whole number in full. */
  full: string;
  usesAngleUnit: boolean;
  /** What the line would come to in the other angle unit, when an angle in it carries no unit. */
  otherUnit: Readonly<{ unit: AngleUnit; text: string; exact: boolean }> | null;
  /** The line with `rad` after the angles that hold π, as typed text, while another unit is set; else null. */
  inRadians: string | null;
  /** The line tells a temperature that is below absolute zero in another unit. */
  isTooCold: boolean;
  /** What a typed decimal may have been rounded from; nothing is claimed but that it is near. */
  near: readonly NearForm[];
  /** The letters that stood for what is tried. */
  tried: readonly string[];
}>;

export const readingOptions = (
  s: Pick<LineRequest, 'impliedFirst'> & { display: Pick<DisplaySettings, 'decimalSign'> },
): ReadingOptions => ({
  functions: functionNames,
  decimalSign: s.display.decimalSign,
  impliedFirst: s.impliedFirst,
});

export type NearForm = Readonly<{ kind: NearKind; text: string; typed: string }>;

/** What a line that is one decimal may have been rounded from. */
function nearForms({ tree }: Reading, { display, impliedFirst }: LineRequest): readonly NearForm[] {
  const isNegative = tree.kind === 'negate';
  const number = isNegative ? tree.of : tree;
  if (number.kind !== 'number') return [];
  const style = { decimalSign: display.decimalSign, impliedFirst } as const;
  return nearTo((isNegative ? '-' : '') + number.written).map((near) => ({
    kind: near.kind,
    text: printText(near.tree, { style: 'reading', ...style }),
    typed: printText(near.tree, { style: 'typed', ...style }),
  }));
}

const otherUnitOf = (unit: AngleUnit): AngleUnit => (unit === 'rad' ? 'deg' : 'rad');

/** Beyond what is shown, so that the full digits that are copied come out of the same work. */
const WORKED_DIGITS = 60;

export const contextFor = (request: LineRequest, shouldContinue: ShouldContinue, random: Random): Context => {
  const { angle, complex, word, ans, letters, slots, total, lists, off = [] } = request;
  const plain = contextOf({
    angle,
    complex,
    word,
    digits: WORKED_DIGITS,
    shouldContinue,
    random,
    off,
    names: { ans, letters, slots, total },
  });
  return lists === undefined ? plain : withColumns(plain, lists);
};

/** The context with what is tried for the letters that hold nothing; what cannot be worked leaves its letter open. */
export function withTries(
  reading: Reading,
  request: LineRequest,
  context: Context,
): { context: Context; tried: readonly string[] } {
  const letters = new Map(context.names.letters);
  const tried: string[] = [];
  for (const letter of openLetters(reading.tree)) {
    const text = (Object.hasOwn(request.tries, letter) ? request.tries[letter] : undefined) ?? '';
    if (text.trim() === '' || letters.has(letter)) continue;
    const tree = parse(text, readingOptions(request));
    const value = tree.ok && !isTruth(tree.value.tree) ? evaluate(tree.value.tree, context) : null;
    if (!value?.ok) continue;
    letters.set(letter, value.value);
    tried.push(letter);
  }
  return tried.length === 0
    ? { context, tried }
    : { context: { ...context, names: { ...context.names, letters } }, tried };
}

export const natureOf = (
  { tree }: Reading,
  { angle: unit, bases }: Pick<WorkSettings, 'angle' | 'bases'>,
  namesDecimals = false,
): Nature => ({
  unit,
  isAngle: isAngle(tree),
  quotient: quotientOf(tree),
  isDecimal: namesDecimals || isInDecimals(tree),
  asked: tree.kind === 'conversion' ? tree.base : null,
  bases: basesOf(tree, USUAL_BASES).concat(bases ? USUAL_BASES : []),
});

/** What is known of a line besides its value. */
const natureIn = (reading: Reading, request: LineRequest, tried: readonly string[]): Nature =>
  natureOf(reading, request, request.namesDecimals || tried.some((letter) => triesDecimal(request, letter)));

function triesDecimal(request: LineRequest, letter: string): boolean {
  const value = parse(request.tries[letter] ?? '', readingOptions(request));
  return value.ok && isInDecimals(value.value.tree);
}

function inOtherUnit(reading: Reading, request: LineRequest, context: Context): LineAnswer['otherUnit'] {
  const { shouldContinue } = context;
  if (unmarkedAngles(reading.tree).length === 0) return null;
  const unit = otherUnitOf(request.angle);
  const value = evaluate(reading.tree, { ...context, angle: unit });
  const forms = value.ok
    ? formsOf(value.value, request.display, shouldContinue, natureOf(reading, { ...request, angle: unit }))
    : null;
  const [first] = forms?.ok ? forms.value : [];
  return first ? { unit, text: first.text, exact: first.exact } : null;
}

const FULL_DIGITS = 50;
const LONGEST_WHOLE = powerOfTen(5000);

export function fullText(value: Value, shouldContinue: ShouldContinue): string | null {
  if (value.kind === 'matrix') {
    const rows = value.rows.map((row) => row.map((entry) => fullText(entry, shouldContinue)));
    if (rows.some((row) => row.includes(null))) return null;
    return rows.every(({ length }) => length === 1)
      ? `[${rows.join(',')}]`
      : `[${rows.map((row) => `[${row.join(',')}]`).join(',')}]`;
  }
  const whole = asWhole(value);
  if (whole !== null && absolute(whole) < LONGEST_WHOLE) return whole.toString();
  const parts = isReal(value) ? [value] : [value.re, value.im];
  const [re, im] = parts.map((part) => {
    const rounded = roundToFigures(part, FULL_DIGITS, shouldContinue);
    return typeof rounded === 'string' ? null : batchText(rounded);
  });
  if (im === undefined || re === null || im === null) return re ?? null;
  return `${re}${im.startsWith('-') ? '' : '+'}${im}i`;
}

const assigned = (target: string | null, text: string): string => (target === null ? text : `${target} := ${text}`);

/** What every answer says of how the line was read. */
function readingOf(reading: Reading, request: LineRequest, tried: readonly string[]) {
  const { tree, target } = reading;
  const { impliedFirst } = request;
  const { decimalSign } = request.display;
  const read = readAs(reading, { decimalSign, impliedFirst });
  const typed = (of: Tree): string => assigned(target, printText(of, { style: 'typed', decimalSign, impliedFirst }));
  const inRadians = request.angle === 'rad' ? null : withRadians(tree);
  return {
    target,
    readAs: {
      text: read.text,
      typed: typed(read.tree),
      isAmbiguous: read.isAmbiguous,
    },
    tried,
    usesAngleUnit: usesAngleUnit(tree),
    inRadians: inRadians && typed(inRadians),
  };
}

/** The answer to a line that is a relation: true or false, or that it stays open. */
function answerTruth(
  reading: Reading,
  work: Tree,
  request: LineRequest,
  context: Context,
  tried: readonly string[],
): Result<LineAnswer, Problem> {
  const truth = decideLine(work, context);
  if (!truth.ok) return truth;
  if (truth.value === null) return fail(withSpan({ code: 'not-converged' }, reading.tree.span));
  const text = String(truth.value);
  const form: Form = { id: 'truth', exact: true, settled: true, text, typed: text };
  return succeed({
    ...readingOf(reading, request, tried),
    value: null,
    saved: null,
    forms: [form],
    full: text,
    otherUnit: null,
    isTooCold: false,
    near: [],
  });
}

/** Whether a measure that is told in another unit is a temperature that there is not. */
function tellsTooCold(tree: Tree, value: Value, shouldContinue: ShouldContinue): boolean {
  const unit = tree.kind === 'conversion' && tree.base === null ? readUnit(tree.to.text) : null;
  return unit?.ok === true && isReal(value) && isTooCold(value, unit.value, shouldContinue);
}

/** What an expression comes to, in all its forms; `work` is what is worked for the line as it was read. */
function answerOf(
  reading: Reading,
  work: Tree,
  request: LineRequest,
  context: Context,
  tried: readonly string[],
): Result<LineAnswer, Problem> {
  const { tree } = reading;
  const { shouldContinue } = context;
  if (isTruth(work)) return answerTruth(reading, work, request, context, tried);
  const value = evaluate(work, context);
  if (!value.ok) return value;
  const saved = encode(value.value);
  if (!fitsFile(saved)) return fail(withSpan({ code: 'too-large' }, tree.span));
  const forms = formsOf(value.value, request.display, shouldContinue, natureIn(reading, request, tried));
  if (!forms.ok) return fail(withSpan({ code: forms.problem }, tree.span));
  return succeed({
    ...readingOf(reading, request, tried),
    value: value.value,
    saved,
    forms: forms.value,
    full:
      fullText(value.value, shouldContinue) ??
      forms.value.find((f) => f.id === 'exact')?.typed ??
      itemAt(forms.value, 0).typed,
    near: request.display.decimalsOnly === true ? [] : nearForms(reading, request),
    otherUnit: work === tree ? inOtherUnit(reading, request, context) : null,
    isTooCold: tellsTooCold(work, value.value, shouldContinue),
  });
}

/** Reads, evaluates and writes a line in all its forms. The work of the web worker, without the worker. */
export function answerLine(
  request: LineRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<LineAnswer, Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const { context, tried } = withTries(reading.value, request, contextFor(request, shouldContinue, random));
  return answerOf(reading.value, reading.value.tree, request, context, tried);
}

/** A request as the core spells its texts: with a point, whatever is set; what is shown is as it is set. */
export const inSpelling = <R extends LineRequest>(request: R): R => ({
  ...request,
  impliedFirst: false,
  display: { ...request.display, decimalSign: '.' },
});

/** The same for text, and texts to be tried, in the core's own spelling. */
export function answerSpelled(
  request: LineRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<LineAnswer, Problem> {
  const spelled = inSpelling(request);
  const reading = parse(request.text, readingOptions(spelled));
  if (!reading.ok) return reading;
  const { context, tried } = withTries(reading.value, spelled, contextFor(request, shouldContinue, random));
  const namesDecimals = request.namesDecimals || tried.some((letter) => triesDecimal(spelled, letter));
  return answerOf(reading.value, reading.value.tree, { ...request, namesDecimals }, context, tried);
}

/** An expression over values: `#0`, `#1` … in `work` stand for `bound`. The line's text says how it is written. */
export type WorkRequest = LineRequest & Readonly<{ work: Tree; bound: readonly Value[] }>;

/** The same for an operation of the Running and Stack styles. A problem concerns the whole of it. */
export function answerWork(
  request: WorkRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<LineAnswer, Problem> {
  const reading = parse(request.text, readingOptions(request));
  if (!reading.ok) return reading;
  const context = contextFor(request, shouldContinue, random);
  const letters = new Map(context.names.letters);
  for (const [i, value] of request.bound.entries()) letters.set(boundName(i), value);
  const bound = { ...context, names: { ...context.names, letters } };
  const answered = answerOf(reading.value, request.work, request, bound, []);
  return answered.ok ? answered : fail({ ...answered.problem, at: reading.value.tree.span });
}
