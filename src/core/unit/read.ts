import { itemAt } from '../base/item';
import type { ProblemData } from '../base/problem';
import { fail, succeed } from '../base/result';
import type { Result } from '../base/result';
import type { Span } from '../base/span';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';
import { prefixFactor, signOf, unitsNamed } from './lookup';
import type { Named } from './lookup';
import { raisedNumber, raisedText } from './raised';
import { DIMENSIONLESS } from './unit';
import type { Dimension, Factor } from './unit';

/* Units as they are written: by sign or name, with prefixes, and put together: km/h, kg·m^-3, J/(kg·K), miles per hour. */

/** What a written unit comes to. */
export type MeasureUnit = Readonly<{
  /** As it is shown. */
  sign: string;
  factor: Factor;
  dimension: Dimension;
  /** Base units at its zero, where it stands alone and is a point of a scale. */
  zero: Rational | null;
  isReciprocal: boolean;
}>;

/** What is wrong with a written unit. `offers`: texts that could stand in its place. */
export type UnitProblem = Readonly<{
  reason: 'missing' | 'unknown' | 'ambiguous' | 'badly-formed';
  found: string;
  offers: readonly string[];
  at: Span;
}>;

const LARGEST_EXPONENT = 24;

/** A unit to a whole power. */
function raised(unit: MeasureUnit, n: number): MeasureUnit {
  return {
    ...unit,
    factor: { by: q.powerWhole(unit.factor.by, n), pi: unit.factor.pi * n },
    dimension: unit.dimension.map((e) => e * n) as unknown as Dimension,
  };
}

/** The product of two units, the signs apart. */
const product = (a: MeasureUnit, b: MeasureUnit): MeasureUnit => ({
  sign: '',
  factor: { by: q.multiply(a.factor.by, b.factor.by), pi: a.factor.pi + b.factor.pi },
  dimension: a.dimension.map((e, i) => e + itemAt(b.dimension, i)) as unknown as Dimension,
  zero: null,
  isReciprocal: false,
});

const ONE: MeasureUnit = {
  sign: '1',
  factor: { by: q.ONE, pi: 0 },
  dimension: DIMENSIONLESS,
  zero: null,
  isReciprocal: false,
};

const unitOf = (named: Named): MeasureUnit => ({
  sign: signOf(named),
  factor: { by: q.multiply(named.unit.factor.by, prefixFactor(named)), pi: named.unit.factor.pi },
  dimension: named.unit.dimension,
  zero: named.unit.zero === undefined ? null : named.unit.zero,
  isReciprocal: named.unit.isReciprocal === true,
});

const LETTER = /[\p{L}]/u;
const EXPONENT = /\^?\(?([-−+]?\d+)\)?|([⁻]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+)/y;
const SQUARED: Readonly<Record<string, number>> = { square: 2, sq: 2, squared: 2, cubic: 3, cu: 3, cubed: 3 };
const LONGEST_NAME = 48;

class Refusal extends Error {
  constructor(readonly problem: UnitProblem) {
    super(problem.reason);
  }
}

class Reader {
  private at = 0;

  constructor(private readonly text: string) {}

  run(): MeasureUnit {
    this.space();
    if (this.at >= this.text.length) this.refuse('missing', this.at, this.at);
    const unit = this.product();
    if (this.at < this.text.length) this.refuse('badly-formed', this.at, this.text.length);
    return unit;
  }

  private refuse(reason: UnitProblem['reason'], from: number, to: number, offers: readonly string[] = []): never {
    throw new Refusal({ reason, found: this.text.slice(from, to).trim(), offers, at: { from, to } });
  }

  private space(): void {
    while (/\s/.test(this.text.charAt(this.at))) this.at += 1;
  }

  private sign(pattern: RegExp): boolean {
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.text)?.[0];
    if (found === undefined) return false;
    this.at += found.length;
    this.space();
    return true;
  }

  /** Factors side by side; a stroke, or `per`, divides by the one factor behind it. */
  private product(): MeasureUnit {
    let result = this.factor();
    let sign = result.sign;
    for (;;) {
      this.space();
      if (this.sign(/[·⋅*×.]/y)) {
        const next = this.factor();
        sign += `·${next.sign}`;
        result = product(result, next);
      } else if (this.sign(/[/∕÷]|per(?!\p{L})/uy)) {
        const next = this.factor();
        sign += `/${/[·/]/.test(next.sign) ? `(${next.sign})` : next.sign}`;
        result = product(result, raised(next, -1));
      } else if (this.at < this.text.length && LETTER.test(this.text.charAt(this.at))) {
        const next = this.factor();
        sign += `·${next.sign}`;
        result = product(result, next);
      } else return { ...result, sign };
    }
  }

  private factor(): MeasureUnit {
    this.space();
    const start = this.at;
    if (this.text.charAt(this.at) === '(') {
      this.at += 1;
      const inner = this.product();
      if (this.text.charAt(this.at) !== ')') this.refuse('badly-formed', start, this.text.length);
      this.at += 1;
      return this.power({ ...inner, sign: `(${inner.sign})` }, inner.sign);
    }
    if (/^1(?!\d)/.test(this.text.slice(this.at))) {
      this.at += 1;
      return ONE;
    }
    const before = /^(square|sq|cubic|cu)\.?\s+/i.exec(this.text.slice(this.at));
    if (before !== null) {
      const n = SQUARED[(before[1] ?? '').toLowerCase()] ?? 1;
      this.at += before[0].length;
      const of = this.named();
      return { ...raised(of, n), sign: of.sign + raisedText(n), zero: null };
    }
    const of = this.named();
    const after = /^\s+(squared|cubed)(?!\p{L})/iu.exec(this.text.slice(this.at));
    if (after === null) return this.power(of, of.sign);
    this.at += after[0].length;
    const n = SQUARED[(after[1] ?? '').toLowerCase()] ?? 1;
    return { ...raised(of, n), sign: of.sign + raisedText(n), zero: null };
  }

  private power(of: MeasureUnit, bare: string): MeasureUnit {
    EXPONENT.lastIndex = this.at;
    const found = EXPONENT.exec(this.text);
    if (found === null) return of.sign === `(${bare})` ? { ...of, sign: bare } : of;
    const n = found[1] === undefined ? raisedNumber(found[2] ?? '') : Number(found[1].replace('−', '-'));
    if (n === 0 || Math.abs(n) > LARGEST_EXPONENT) this.refuse('badly-formed', this.at, this.at + found[0].length);
    this.at += found[0].length;
    return { ...raised(of, n), sign: of.sign + raisedText(n), zero: n === 1 ? of.zero : null };
  }

  /** The longest sign or name that stands here. */
  private named(): MeasureUnit {
    const { text, at } = this;
    let ambiguous: { units: readonly Named[]; end: number } | null = null;
    for (let end = Math.min(text.length, at + LONGEST_NAME); end > at; end -= 1) {
      const next = text.charAt(end);
      const last = text.charAt(end - 1);
      if (/\s/.test(last) || (LETTER.test(last) && LETTER.test(next))) continue;
      const units = unitsNamed(text.slice(at, end));
      if (units.length === 1) {
        if (ambiguous !== null) break;
        this.at = end;
        return unitOf(itemAt(units, 0));
      }
      if (units.length > 1) ambiguous ??= { units, end };
    }
    if (ambiguous !== null) {
      const { units, end } = ambiguous;
      this.refuse('ambiguous', at, end, units.map(signOf));
    }
    const word = /^[^\s·⋅*×/()^]+/.exec(text.slice(at))?.[0] ?? '';
    this.refuse(word === '' ? 'missing' : 'unknown', at, at + word.length);
  }
}

/**
 * A unit that is written by sign or English name, alone or put together. Between factors stands a dot, a star or a space;
 * a stroke or `per` divides by the one factor behind it. Problems: what is missing, unknown, ambiguous or badly formed,
 * with its place.
 */
export function readUnit(text: string): Result<MeasureUnit, UnitProblem> {
  try {
    const [alone, ...others] = unitsNamed(text.trim());
    if (alone !== undefined && others.length === 0) return succeed(unitOf(alone));
    return succeed(new Reader(text).run());
  } catch (error) {
    if (error instanceof Refusal) return fail(error.problem);
    throw error;
  }
}

/** Whether a text is a unit, or an ambiguous name of some. */
export function isUnitText(text: string): boolean {
  const found = readUnit(text);
  return found.ok || found.problem.reason === 'ambiguous';
}

/** A unit as it is shown where it is one, else as it was written. */
export function shownUnit(text: string): string {
  const found = readUnit(text);
  return found.ok ? found.value.sign : text;
}

/** What is wrong with a written unit, as a problem that has its sentence. */
export function unitProblem({ reason, found, offers }: UnitProblem): ProblemData {
  switch (reason) {
    case 'missing':
      return { code: 'syntax', reason: 'unit-missing' };
    case 'badly-formed':
      return { code: 'syntax', reason: 'unit-badly-formed', found };
    case 'unknown':
    case 'ambiguous':
      return { code: 'undefined-name', name: found, unit: reason, offers };
  }
}
