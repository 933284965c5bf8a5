import { entryAt } from '@/core/base/item';
import { withSpan } from '@/core/base/problem';
import type { Problem } from '@/core/base/problem';
import { fail, succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import { columnWord } from '@/core/column/column-names';
import type { Context } from '@/core/evaluate/context';
import { withLetter } from '@/core/evaluate/context';
import { decideLine, evaluate } from '@/core/evaluate/evaluate';
import { formsOf } from '@/core/format';
import { plainNature } from '@/core/format/form';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import type { FunctionNames, ReadingOptions } from '@/core/language/tokens';
import { groupTree, letterTree, nodesOf, numberTree, partsOf, withParts } from '@/core/language/tree';
import type { Tree } from '@/core/language/tree';
import { isTruth } from '@/core/language/truth';
import { vector } from '@/core/matrix/matrix';
import { LONGEST_CELL } from '@/core/notebook/columns';
import { batchText } from '@/core/format/layout';
import { longestDecimal } from '@/core/number/digits';
import { isReal } from '@/core/number/value';
import type { RealValue } from '@/core/number/value';
import type { LineRequest } from './answer';
import type { Reader } from './column-reader';
import type { RuleFault, RulesRequest, WorkedRules } from './rules-request';

const NOWHERE = { from: 0, to: 0 } as const;
const SHORTEST_DIGITS = 40;

/** In rules the standard deviation also goes by its sign. */
const RULE_FUNCTIONS: FunctionNames = new Map([
  ...functionNames,
  ['s', entryAt(functionNames, 'sd')],
  ['σ', entryAt(functionNames, 'sigma')],
]);

const optionsFor = (columns: ReadonlySet<string>): ReadingOptions => ({
  functions: RULE_FUNCTIONS,
  decimalSign: '.',
  impliedFirst: false,
  columns,
});

type Column = RulesRequest['columns'][number];

/** An expression over columns: its tree, in which what stands for whole columns is worked already. */
type Rule = Readonly<{ tree: Tree; names: readonly string[]; context: Context; texts: ReadonlyMap<string, Tree> }>;

/** In brackets, unless it is a single number. */
const bracketed = (tree: Tree): Tree => (tree.kind === 'number' ? tree : groupTree(tree));

/** Whether a call takes whole columns. */
const takesLists = (tree: Tree): boolean => tree.kind === 'call' && functionNames.get(tree.fn)?.lists !== undefined;

class Rules {
  private readonly cells = new Map<string, readonly string[]>();
  private readonly words: ReadonlyMap<string, Column>;
  private readonly options: ReadingOptions;
  private readonly faults: RuleFault[] = [];
  private readonly worked = new Map<string, readonly string[]>();

  constructor(
    private readonly request: RulesRequest,
    private readonly reader: Reader,
  ) {
    const named = new Map<string, Column>();
    for (const column of request.columns) {
      const word = columnWord(column.name);
      if (word !== null && !named.has(word)) named.set(word, column);
      if (column.rule === '') this.cells.set(column.id, column.cells);
    }
    this.words = named;
    this.options = optionsFor(new Set(named.keys()));
  }

  run(): Result<WorkedRules, Problem> {
    const waiting = this.request.columns.filter(({ rule }) => rule !== '');
    // Each comes after the columns that it is worked from; what waits for itself never comes.
    for (let left = waiting; left.length > 0;) {
      const ready = left.filter((column) => this.needs(column.rule).every((id) => this.cells.has(id)));
      const next = ready[0];
      if (next === undefined) {
        for (const { id } of left) {
          this.faults.push({ column: id, problem: withSpan({ code: 'domain', reason: 'rule-circle' }, NOWHERE) });
          this.keep(id, []);
        }
        break;
      }
      const made = this.column(next);
      if (!made.ok) return made;
      left = left.filter((column) => column !== next);
    }
    const kept = this.kept();
    if (!kept.ok) return kept;
    return succeed({
      columns: [...this.worked].map(([id, cells]) => ({ id, cells })),
      kept: kept.value,
      faults: this.faults,
    });
  }

  private keep(id: string, cells: readonly string[]): void {
    this.cells.set(id, cells);
    this.worked.set(id, cells);
  }

  /** The columns that a rule names. */
  private needs(rule: string): readonly string[] {
    const reading = parse(rule, this.options);
    if (!reading.ok) return [];
    return [...nodesOf(reading.value.tree)].flatMap((node) =>
      node.kind === 'letter' ? (this.words.get(node.name)?.id ?? []) : [],
    );
  }

  private column({ id, rule }: Column): Result<null, Problem> {
    const read = this.rule(rule, false);
    if (!read.ok) {
      if (read.problem.code === 'stopped') return read;
      this.faults.push({ column: id, problem: read.problem });
      this.keep(id, []);
      return succeed(null);
    }
    const rows = this.rowsOf(read.value.names);
    const cells: string[] = [];
    for (let row = 0; row < rows; row += 1) {
      if (!this.reader.context.shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
      cells.push(this.cellText(read.value, row));
    }
    this.keep(id, cells);
    return succeed(null);
  }

  private rowsOf = (names: readonly string[]): number => {
    const used = names.map((name) => this.cells.get(entryAt(this.words, name).id) ?? []);
    const all = used.length > 0 ? used : [...this.cells.values()];
    return all.reduce((most, cells) => Math.max(most, cells.length), 0);
  };

  /** Reads an expression over columns. What takes whole columns is worked once, and stands in it as a name of its own. */
  private rule(text: string, isCondition: boolean): Result<Rule, Problem> {
    const reading = parse(text, this.options);
    if (!reading.ok) return reading;
    const { tree } = reading.value;
    if (isTruth(tree) !== isCondition)
      return fail(
        withSpan({ code: 'syntax', reason: isCondition ? 'number-as-condition' : 'comparison-as-number' }, tree.span),
      );
    let { context } = this.reader;
    const texts = new Map<string, Tree>();
    const problems: Problem[] = [];
    const lists = (node: Tree): Tree => {
      if (problems.length > 0) return node;
      const parts = partsOf(node);
      if (!takesLists(node) || !parts.some((part) => this.isColumn(part)))
        return parts.length === 0 ? node : withParts(node, parts.map(lists));
      const value = evaluate(node, this.withColumns(node, context));
      if (!value.ok || !isReal(value.value)) {
        problems.push(value.ok ? withSpan({ code: 'domain', reason: 'real-only' }, node.span) : value.problem);
        return node;
      }
      const name = `list ${texts.size + 1}`;
      context = withLetter(context, name, value.value);
      texts.set(name, this.typed(value.value));
      return letterTree(name);
    };
    const worked = lists(tree);
    const [problem] = problems;
    if (problem !== undefined) return fail(problem);
    const names = new Set<string>();
    for (const node of nodesOf(worked)) if (node.kind === 'letter' && this.words.has(node.name)) names.add(node.name);
    return succeed({ tree: worked, names: [...names], context, texts });
  }

  private isColumn = (part: Tree): boolean => part.kind === 'letter' && this.words.has(part.name);

  /** The columns that are named in a call, whole. Cells that hold no number are passed over. */
  private withColumns(tree: Tree, context: Context): Context {
    return partsOf(tree).reduce((all, part) => {
      if (part.kind !== 'letter') return all;
      const column = this.words.get(part.name);
      if (column === undefined) return all;
      const values = (this.cells.get(column.id) ?? []).flatMap((text) => {
        const value = text === '' ? null : this.reader.value(text);
        return value?.ok === true ? [value.value] : [];
      });
      return values.length === 0 ? all : withLetter(all, part.name, vector(values));
    }, context);
  }

  /** A value as typed text that comes to the same: its exact form where it has one. */
  private typed(value: RealValue): Tree {
    const { request } = this;
    const forms = formsOf(value, request.display, this.reader.context.shouldContinue, plainNature(request.angle));
    const exact = forms.ok ? forms.value.find((form) => form.exact) : undefined;
    const reading =
      exact === undefined ? null : parse(exact.typed, { ...this.options, decimalSign: request.display.decimalSign });
    if (reading?.ok === true) return bracketed(reading.value.tree);
    const decimal = longestDecimal(value, SHORTEST_DIGITS, this.reader.context.shouldContinue);
    return numberTree(decimal === null ? '0' : batchText(decimal));
  }

  /** A cell of a worked column: the number itself where it is a short fraction, else the expression with the row's cells put in. */
  private cellText({ tree, names, context, texts }: Rule, row: number): string {
    let here = context;
    const put = new Map(texts);
    for (const name of names) {
      const text = this.cells.get(entryAt(this.words, name).id)?.[row] ?? '';
      if (text === '') return '';
      const value = this.reader.value(text);
      const reading = parse(text, this.options);
      if (!value.ok || !reading.ok) return '';
      here = withLetter(here, name, value.value);
      put.set(name, bracketed(reading.value.tree));
    }
    const value = evaluate(tree, here);
    if (value.ok && isReal(value.value) && value.value.kind === 'rational') {
      const written = printText(this.shortest(value.value), TYPED);
      if (written.length <= LONGEST_CELL) return written;
    }
    const filled = (node: Tree): Tree => {
      const own = node.kind === 'letter' ? put.get(node.name) : undefined;
      if (own !== undefined) return own;
      const parts = partsOf(node);
      return parts.length === 0 ? node : withParts(node, parts.map(filled));
    };
    const written = printText(filled(tree), TYPED);
    if (written.length <= LONGEST_CELL) return written;
    const decimal =
      value.ok && isReal(value.value) ? longestDecimal(value.value, SHORTEST_DIGITS, context.shouldContinue) : null;
    return decimal === null ? '' : batchText(decimal).replace('E+', 'E');
  }

  /** A fraction as a decimal that ends, else as it is. */
  private shortest(value: RealValue & { kind: 'rational' }): Tree {
    const decimal = longestDecimal(value, SHORTEST_DIGITS, this.reader.context.shouldContinue);
    const written = decimal?.exact === true ? batchText(decimal).replace('E+', 'E') : null;
    const reading = parse(written ?? `${value.value.n}/${value.value.d}`, this.options);
    if (!reading.ok) throw new Error('a number reads as itself');
    return reading.value.tree;
  }

  /** Which rows take part; null for all of them. */
  private kept(): Result<readonly boolean[] | null, Problem> {
    const { filter } = this.request;
    if (filter.trim() === '') return succeed(null);
    const rows = [...this.cells.values()].reduce((most, cells) => Math.max(most, cells.length), 0);
    const byLabel = this.labelFilter(filter);
    if (byLabel !== null) return succeed(Array.from({ length: rows }, (_, row) => byLabel(row)));
    const read = this.rule(filter, true);
    if (!read.ok) {
      if (read.problem.code === 'stopped') return read;
      this.faults.push({ column: null, problem: read.problem });
      return succeed(null);
    }
    const { tree, names, context } = read.value;
    const kept: boolean[] = [];
    for (let row = 0; row < rows; row += 1) {
      if (!context.shouldContinue()) return fail(withSpan({ code: 'stopped' }, NOWHERE));
      let here: Context | null = context;
      for (const name of names) {
        const value = this.reader.value(this.cells.get(entryAt(this.words, name).id)?.[row] ?? '');
        here = value.ok && here !== null ? withLetter(here, name, value.value) : null;
      }
      const truth = here === null ? null : decideLine(tree, here);
      kept.push(truth?.ok === true && truth.value === true);
    }
    return succeed(kept);
  }

  /** `site = Low slip`, `site ≠ Low slip`: a column of labels compared with one of them; null for any other condition. */
  private labelFilter(filter: string): ((row: number) => boolean) | null {
    const match = /^\s*(.+?)\s*(=|≠|!=)\s*(.+?)\s*$/u.exec(filter);
    const column = match === null ? undefined : this.words.get(columnWord(match[1] ?? '') ?? '');
    const label = match?.[3];
    if (column === undefined || label === undefined) return null;
    const cells = this.cells.get(column.id) ?? [];
    if (!cells.includes(label) || this.reader.value(label).ok) return null;
    const isEqual = match?.[2] === '=';
    return (row) => (cells[row] === label) === isEqual && (cells[row] ?? '') !== '';
  }
}

/**
 * The columns that are worked from others, row by row, and the rows that a condition keeps. A row in which a cell that is
 * needed is empty, or no number, stays empty. Problems, told with what they concern: those of the rules; rule-circle.
 */
export const worked = (request: RulesRequest & LineRequest, reader: Reader): Result<WorkedRules, Problem> =>
  new Rules(request, reader).run();
