import { itemAt } from '@/core/base/item';
import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { ShouldContinue } from '@/core/base/should-continue';
import type { Context } from '@/core/evaluate/context';
import { roundedTexts } from '@/core/format/decimal';
import { exactTree } from '@/core/format/exact-tree';
import { expressionForm } from '@/core/format/form';
import type { Form } from '@/core/format/form';
import { fractionTree } from '@/core/format/polynomial';
import { exactly, isNumber, parametricTree } from '@/core/format/parametric';
import type { WriteNumber } from '@/core/format/parametric';
import type { Random } from '@/core/function/record';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import { binaryTree, groupTree, matrixTree, negateTree, withoutLeadingMinus } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { ZERO } from '@/core/number/arithmetic';
import * as complex from '@/core/number/complex';
import { ONE, toRational } from '@/core/number/polynomial';
import { isExact, isReal } from '@/core/number/value';
import type { Scalar } from '@/core/number/value';
import { parametricSystem } from '@/core/solve/parametric-system';
import type { ParametricSolution } from '@/core/solve/parametric-system';
import { solveSystem, systemOf } from '@/core/solve/system';
import type { System, SystemAnswer, Written } from '@/core/solve/system';
import { contextFor, inSpelling, withTries } from '../answer';
import type { LineRequest } from '../answer';
import { Shower } from '../solution-view';
import type { KeptView } from '../solution-view';
import { SPELLING, tableValues } from './tables';
import type { Table } from './tables';

/** Linear equations: typed, or as rows of coefficients with the right side last. `unknowns`: null for all open letters. */
export type SystemRequest = LineRequest &
  Readonly<{
    unknowns: readonly string[] | null;
    given: Readonly<{ equations: readonly string[] } | { rows: Table }>;
  }>;

/** An equation with the solution put in: its left side as typed text, where it is exact, and what both sides come to. */
type Check = Readonly<{ put: string | null; left: string; right: string; isExact: boolean }>;

export type SystemView = Readonly<{
  unknowns: readonly string[];
  /** The equations as they were read, typed with a point; null for one that is not exact. */
  equations: readonly (string | null)[];
  /** Rows of coefficients with the right side last, typed; null where they are not exact. */
  augmented: string | null;
}> &
  (
    | Readonly<{ kind: 'refused'; problem: Problem; row: number; column: number | null }>
    | Readonly<{
        kind: 'one' | 'many';
        /** One that is written with parameters cannot be kept. */
        solution: readonly (KeptView & Readonly<{ name: string }>)[];
        parameters: readonly string[];
        /** Typed: where this is zero, the solution is another. Null where it holds for all parameters. */
        condition: string | null;
        checks: readonly Check[];
      }>
    | Readonly<{
        kind: 'none';
        /** What each row is multiplied by, so that their sum is 0 = `comesTo`; '0' for those that take no part. */
        combination: readonly string[];
        comesTo: string;
      }>
  );

type Read = Readonly<
  { system: System } | { parametric: ParametricSolution } | { problem: Problem; row: number; column: number | null }
>;

function fromEquations(texts: readonly string[], request: SystemRequest, context: Context): Read {
  const trees: Tree[] = [];
  for (const [row, text] of texts.entries()) {
    const reading = parse(text, SPELLING);
    if (!reading.ok) return { problem: reading.problem, row, column: null };
    trees.push(reading.value.tree);
  }
  // What is tried for letters stands for those that are not unknown.
  const tries = Object.fromEntries(
    Object.entries(request.tries).filter(([name]) => request.unknowns?.includes(name) !== true),
  );
  const known = trees.reduce(
    (now, tree) => withTries({ tree, target: null, supplied: 0 }, { ...inSpelling(request), tries }, now).context,
    context,
  );
  const system = systemOf(trees, request.unknowns, known);
  if (system.ok) return { system: system.value };
  // Letters that hold nothing and are not unknown stand for any numbers.
  const isOpen = system.problem.code === 'undefined-name' && request.unknowns !== null;
  const parametric = isOpen ? parametricSystem(trees, request.unknowns, known) : null;
  return parametric === null ? { problem: system.problem, row: system.at ?? 0, column: null } : { parametric };
}

function fromRows(table: Table, unknowns: readonly string[], context: Context): Read {
  const found = tableValues(table, context);
  if (!('rows' in found)) return found;
  const { rows } = found;
  return {
    system: {
      unknowns,
      rows: rows.map((row) => row.slice(0, -1)),
      right: rows.map((row) => itemAt(row, row.length - 1)),
    },
  };
}

/** Writes numbers of a system: exactly, or rounded. */
class SystemShower {
  private readonly shower: Shower;

  constructor(
    private readonly request: LineRequest,
    private readonly context: Context,
  ) {
    this.shower = new Shower(request, context);
  }

  private readonly rounded: WriteNumber = (v) => {
    if (isExact(v)) return exactTree(v);
    if (!isReal(v)) return null;
    const texts = roundedTexts(v, this.request.display, this.context.shouldContinue);
    const reading = typeof texts === 'string' ? null : parse(texts.typed, SPELLING);
    return reading?.ok ? reading.value.tree : null;
  };

  text(v: Scalar): string {
    return this.shower.forms(v)[0]?.text ?? '';
  }

  private decimal(v: Scalar): string {
    const forms = this.shower.forms(v);
    return (forms.find(({ id }) => id === 'decimal') ?? forms[0])?.text ?? '';
  }

  /** A solution with its parameters. */
  written({ constant, along }: Written): KeptView {
    if (along.length === 0) return this.shower.kept(constant);
    const tree = parametricTree(constant, along);
    const near = tree ?? parametricTree(constant, along, this.rounded);
    if (near === null) return { forms: [], saved: null, full: '' };
    const form: Form = expressionForm(tree === null ? 'decimal' : 'exact', near, this.request.display);
    return { forms: [{ ...form, exact: tree !== null }], saved: null, full: form.typed };
  }

  equation(system: System, i: number): string | null {
    const along = itemAt(system.rows, i).map((times, j) => ({ parameter: itemAt(system.unknowns, j), times }));
    const left = parametricTree(
      ZERO,
      along.filter(({ times }) => !(times.kind === 'rational' && times.value.n === 0n)),
    );
    const right = exactly(itemAt(system.right, i));
    return left === null || right === null ? null : `${printText(left, TYPED)}=${printText(right, TYPED)}`;
  }

  /** The left side of a row with the solution put in; what goes with the parameters is zero. */
  check(system: System, solution: ReadonlyMap<string, Written>, i: number): Check {
    const left = system.unknowns.reduce<Scalar>((sum, name, j) => {
      const constant = solution.get(name)?.constant ?? ZERO;
      return complex.add(sum, complex.multiply(itemAt(itemAt(system.rows, i), j), constant));
    }, ZERO);
    const right = itemAt(system.right, i);
    const areExact = isExact(left) && isExact(right);
    const text = (v: Scalar): string => (areExact ? this.text(v) : this.decimal(v));
    return { put: this.put(system, solution, i), left: text(left), right: text(right), isExact: areExact };
  }

  /** The left side of a row with the solutions in the place of the unknowns. */
  private put(system: System, solution: ReadonlyMap<string, Written>, i: number): string | null {
    let sum: Tree | null = null;
    for (const [j, name] of system.unknowns.entries()) {
      const times = exactly(itemAt(itemAt(system.rows, i), j));
      const written = solution.get(name);
      const value = written === undefined ? null : parametricTree(written.constant, written.along);
      if (times === null || value === null) return null;
      if (isNumber(times, '0')) continue;
      const positive = withoutLeadingMinus(times);
      const size = positive ?? times;
      const factor = isSum(value) || withoutLeadingMinus(value) !== null ? groupTree(value) : value;
      const term = isNumber(size, '1') ? factor : binaryTree('times', isSum(size) ? groupTree(size) : size, factor);
      if (sum === null) sum = positive === null ? term : negateTree(term);
      else sum = binaryTree(positive === null ? 'plus' : 'minus', sum, term);
    }
    return sum === null ? null : printText(sum, TYPED);
  }
}

const isSum = (tree: Tree): boolean => tree.kind === 'binary' && (tree.op === 'plus' || tree.op === 'minus');

const augmentedOf = ({ rows, right, unknowns }: System): string | null => {
  const entries = rows.flatMap((row, i) => [...row, itemAt(right, i)]).map(exactly);
  return entries.includes(null) ? null : printText(matrixTree(unknowns.length + 1, entries as Tree[]), TYPED);
};

/** One solution for whatever numbers the parameters are. */
function inParameters({ parameters, solution, condition }: ParametricSolution, request: SystemRequest): SystemView {
  const isAlways = toRational(condition) !== null;
  return {
    kind: 'one',
    unknowns: request.unknowns ?? [],
    equations: [],
    augmented: null,
    solution: [...solution].map(([name, fraction]) => {
      const form = expressionForm('exact', fractionTree(fraction), request.display);
      return { name, forms: [form], saved: null, full: form.typed };
    }),
    parameters,
    condition: isAlways ? null : printText(fractionTree({ top: condition, bottom: ONE }), TYPED),
    checks: [],
  };
}

/** The solutions of linear equations, with both sides of each at them; or the rows that contradict each other. */
export function systemView(
  request: SystemRequest,
  shouldContinue: ShouldContinue,
  random: Random,
): Result<SystemView, Problem> {
  const context = contextFor(request, shouldContinue, random);
  const { given } = request;
  const read =
    'rows' in given
      ? fromRows(given.rows, request.unknowns ?? [], context)
      : fromEquations(given.equations, request, context);
  if ('parametric' in read) return succeed(inParameters(read.parametric, request));
  if (!('system' in read)) {
    return succeed({ kind: 'refused', ...read, unknowns: request.unknowns ?? [], equations: [], augmented: null });
  }
  const { system } = read;
  const answer = solveSystem(system, shouldContinue);
  if (!answer.ok) return answer;
  return succeed(shown(system, answer.value, new SystemShower(request, context)));
}

function shown(system: System, answer: SystemAnswer, shower: SystemShower): SystemView {
  const about = {
    unknowns: system.unknowns,
    equations: system.rows.map((_, i) => shower.equation(system, i)),
    augmented: augmentedOf(system),
  };
  if (answer.kind === 'none') {
    const combination = answer.combination.map((times) => shower.text(times));
    return { ...about, kind: 'none', combination, comesTo: shower.text(answer.comesTo) };
  }
  const { kind, solution, parameters } = answer;
  return {
    ...about,
    kind,
    solution: [...solution].map(([name, written]) => ({ name, ...shower.written(written) })),
    parameters,
    condition: null,
    checks: system.rows.map((_, i) => shower.check(system, solution, i)),
  };
}
