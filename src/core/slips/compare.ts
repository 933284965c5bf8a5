import type { AngleUnit } from '../base/angle';
import type { Problem } from '../base/problem';
import { succeed } from '../base/result';
import type { Result } from '../base/result';
import { countedDown } from '../base/should-continue';
import type { Context } from '../evaluate/context';
import { evaluate, evaluateRoughly } from '../evaluate/evaluate';
import { functionNames } from '../function';
import { bare } from '../language/brackets';
import { parse } from '../language/parse';
import { printText, TYPED } from '../language/print-text';
import { toDouble } from '../number/to-double';
import { isReal } from '../number/value';
import { isTruth } from '../language/truth';
import type { Tree } from '../language/tree';
import type { Value } from '../number/value';
import { chanceOf } from './chance';
import type { Reached } from './chance';
import type { Claim, Comparison } from './claim';
import { miscopied } from './copying';
import { differenceIn } from './difference';
import { agreement, isFar, readGiven, sameness } from './given';
import type { Given } from './given';
import { records } from './records';
import { tidied } from './slip';
import type { SlipLine, SlipRecord, Variant } from './slip';

/** What one try may take, in steps of evaluation, so that one slow variant does not use up the time of all. */
const STEPS_A_TRY = 3000;

/** What a pair of slips costs besides. */
const PAIR = 2.2;

/** Pairs are tried when no single slip is likelier than this. */
const LIKELY = 4.2;

/** Slips that cost more are not paired. */
const MOST_COST_IN_PAIR = 2.3;

/** The most tries of pairs. */
const MOST_PAIR_TRIES = 20_000;

/** The most claims that are kept of pairs. */
const MOST_PAIRS = 8;

/** Few digits say little: what a rounded agreement costs by the figures of the answer. */
const byFigures = (figures: number): number => [4, 4, 1.2, 0.4][figures] ?? 0;

/** What is less likely than that says nothing. */
const MOST_COST = 5;
const MOST_COST_OF_PAIR = 6;

/** A slip that every teacher knows is named however short the answer is. */
const WELL_KNOWN = 2.35;

/** The share of random answers that may be explained as well, before an explanation says nothing. */
const MOST_CHANCE = 0.15;
const MOST_CHANCE_OF_PAIR = 0.04;

class Search {
  readonly claims = new Map<string, Claim>();
  private readonly reached: Reached[] = [];
  private tries = 0;
  private readonly tried = new Set<string>();

  constructor(
    private readonly context: Context,
    private readonly impliedFirst: boolean,
    private readonly given: Given,
    /** Only what comes to the answer without rounding is claimed. */
    private readonly isExactOnly: boolean,
    /** The line as typed text. */
    private readonly text: string,
  ) {}

  /** The line with what slips ask of it. */
  line(tree: Tree, text: string, angle: AngleUnit): SlipLine {
    return {
      tree,
      text,
      angle,
      impliedFirst: this.impliedFirst,
      read: (typed, impliedFirst = this.impliedFirst) => readLine(typed, impliedFirst),
      valueOf: (part) => this.valueOf(part, angle),
    };
  }

  print = (tree: Tree): string => printText(tidied(tree), { ...TYPED, impliedFirst: this.impliedFirst });

  private contextAt = (angle: AngleUnit): Context => ({
    ...this.context,
    angle,
    shouldContinue: countedDown(STEPS_A_TRY, this.context.shouldContinue),
  });

  private valueOf(tree: Tree, angle: AngleUnit): Value | null {
    const value = evaluate(tree, this.contextAt(angle));
    return value.ok ? value.value : null;
  }

  /** How a tree gives the answer, under an angle unit. `cost`: that of what led to it. */
  private agrees(tree: Tree, angle: AngleUnit, cost: number): 'exact' | 'rounded' | null {
    const context = this.contextAt(angle);
    const rough = evaluateRoughly(tree, context);
    if (!rough.ok) return null;
    if (isReal(rough.value)) this.reached.push({ value: toDouble(rough.value, context.shouldContinue), cost });
    if (isFar(rough.value, this.given, context)) return null;
    const value = this.valueOf(tree, angle);
    const how = value === null ? null : agreement(value, this.given, this.contextAt(angle));
    return how === 'truncated' ? null : how;
  }

  /** Tries one variant; what gives the answer is written, read and worked once more before it is claimed. */
  try(slips: Claim['slips'], variant: Variant, angle: AngleUnit, cost: number): void {
    this.tries += 1;
    const under = variant.angle ?? angle;
    const own = cost + (variant.extra ?? 0);
    if (this.agrees(variant.tree, under, own) === null) return;
    const line = this.print(variant.tree);
    if (line === this.text && under === this.context.angle) return;
    const again = readLine(line, this.impliedFirst);
    const how = again === null ? null : this.agrees(again, under, own);
    if (how === null || (this.isExactOnly && how !== 'exact')) return;
    const total = own + (how === 'rounded' ? this.vagueness() : 0);
    const isOfAnswer = variant.isOfAnswer === true;
    const differs = again === null || isOfAnswer ? null : differenceIn(this.text, line, again);
    this.claim({ slips, line, angle: under, differs, isOfAnswer, cost: total }, this.print(bare(variant.tree)));
  }

  vagueness = (): number => (this.given.kind === 'digits' ? byFigures(this.given.figures) : 0);

  /** Keeps a claim, unless the same slip leads to the same line, but for brackets, more plainly. */
  claim(claim: Claim, line = claim.line): void {
    const key = `${claim.slips.length === 1 ? claim.slips[0] : 'pair'}\n${line}\n${claim.angle}`;
    const before = this.claims.get(key);
    if (before === undefined || before.cost > claim.cost) this.claims.set(key, claim);
  }

  /** The claims that say something, the likeliest first, then the plainest: not what a random answer would do as well. */
  telling(): readonly Claim[] {
    const chance = chanceOf(this.given, this.reached);
    const saysSomething = ({ slips, cost }: Claim): boolean => {
      if (slips.length > 1) return cost <= MOST_COST_OF_PAIR && (chance(cost) ?? 0) <= MOST_CHANCE_OF_PAIR;
      return cost <= WELL_KNOWN || (cost <= MOST_COST && (chance(cost) ?? 0) <= MOST_CHANCE);
    };
    return [...this.claims.values()]
      .filter(saysSomething)
      .sort((a, b) => a.cost - b.cost || a.line.length - b.line.length);
  }

  get goesOn(): boolean {
    return this.context.shouldContinue();
  }

  /** One slip of a kind. */
  single(record: SlipRecord, line: SlipLine): void {
    for (const variant of record.variants(line)) {
      if (!this.goesOn) return;
      this.try([record.name], variant, line.angle, record.cost);
    }
  }

  /** A slip of one kind and then one of another. */
  pair(first: SlipRecord, second: SlipRecord, line: SlipLine): void {
    for (const variant of first.variants(line)) {
      const angle = variant.angle ?? line.angle;
      const text = this.print(variant.tree);
      const key = `${first.name} ${second.name} ${angle} ${text}`;
      if (this.tried.has(key) || (text === line.text && angle === line.angle)) continue;
      this.tried.add(key);
      const tree = readLine(text, this.impliedFirst);
      if (tree === null) continue;
      const cost = first.cost + second.cost + (variant.extra ?? 0) + PAIR;
      for (const next of second.variants(this.line(tree, text, angle))) {
        if (!this.goesOn || this.tries > MOST_PAIR_TRIES) return;
        this.try([first.name, second.name], next, angle, cost);
      }
    }
  }

  /** Pairs, the likelier first, until a few are found. */
  pairs(line: SlipLine): void {
    const paired = records.flatMap((first, i) => records.slice(i).map((second) => [first, second] as const));
    const likely = paired
      .filter(([a, b]) => a.cost <= MOST_COST_IN_PAIR && b.cost <= MOST_COST_IN_PAIR)
      .sort((a, b) => a[0].cost + a[1].cost - b[0].cost - b[1].cost);
    const before = this.claims.size;
    for (const [first, second] of likely) {
      if (!this.goesOn || this.tries > MOST_PAIR_TRIES || this.claims.size >= before + MOST_PAIRS) return;
      this.pair(first, second, line);
    }
  }
}

function readLine(text: string, impliedFirst: boolean): Tree | null {
  const reading = parse(text, { functions: functionNames, decimalSign: '.', impliedFirst });
  return reading.ok && !isTruth(reading.value.tree) ? reading.value.tree : null;
}

/**
 * Compares what a line comes to with another answer: whether it is the same, and if not, which slip or which two lead
 * from the line to it, the likeliest first. `tree` and `answer` are read by the settings of the context and by
 * `impliedFirst`. Problems: those of the two values. The search ends when the context says so and gives what it has
 * found; nothing is claimed that does not come to the answer, to its last digit.
 */
export function compare(
  tree: Tree,
  answer: Tree,
  context: Context,
  impliedFirst: boolean,
): Result<Comparison, Problem> {
  const value = evaluate(tree, context);
  if (!value.ok) return value;
  const given = readGiven(answer, context);
  if (!given.ok) return given;
  const same = sameness(value.value, given.value, context);
  if (same?.how === 'form') return succeed({ same, claims: [], isWhole: true });
  // What the value is rounded to may also be just what a slip comes to; then both are told.
  const text = printText(tree, { ...TYPED, impliedFirst });
  const search = new Search(context, impliedFirst, given.value, same !== null, text);
  const again = readLine(text, impliedFirst) ?? tree;
  const line = search.line(again, text, context.angle);
  for (const record of records) search.single(record, line);
  if (same === null) {
    for (const claim of miscopied(value.value, given.value, search.print(answer), context)) search.claim(claim);
    const best = Math.min(...[...search.claims.values()].map(({ cost }) => cost));
    if (best > LIKELY) search.pairs(line);
  }
  return succeed({ same, claims: search.telling(), isWhole: search.goesOn });
}
