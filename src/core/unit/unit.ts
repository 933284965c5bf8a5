import { power, powerOfTen } from '../number/integer';
import * as q from '../number/rational';
import type { Rational } from '../number/rational';

/** What is measured, as exponents of length, mass, time, current, temperature, angle and data. */
export type Dimension = readonly [
  length: number,
  mass: number,
  time: number,
  current: number,
  temperature: number,
  angle: number,
  data: number,
];

export const DIMENSIONLESS: Dimension = [0, 0, 0, 0, 0, 0, 0];

/** How many base units it is: a fraction, times a power of π. */
export type Factor = Readonly<{ by: Rational; pi: number }>;

/** Which prefixes may stand before it: all decimal ones, or the large decimal ones and the binary ones. */
export type Prefixes = 'none' | 'decimal' | 'data';

/**
 * A unit, whole: reading, lists, search and the tests read this. Its sign is what is typed and shown; `names` are
 * English, the first one told, plurals among them where they are not made by an s.
 */
export type Unit = Readonly<{
  sign: string;
  names: readonly string[];
  factor: Factor;
  dimension: Dimension;
  prefixes: Prefixes;
  /** Base units at its zero: a temperature, as a point and not as a difference. */
  zero?: Rational;
  /** Distance by volume, where its kind counts volume by distance. */
  isReciprocal?: boolean;
}>;

export const kindIds = [
  'length',
  'area',
  'volume',
  'mass',
  'time',
  'speed',
  'acceleration',
  'force',
  'pressure',
  'energy',
  'power',
  'temperature',
  'temperatureDifference',
  'angle',
  'density',
  'flow',
  'fuel',
  'data',
  'dataRate',
  'frequency',
  'electricity',
  'kitchen',
  'nautical',
  'other',
] as const;
export type KindId = (typeof kindIds)[number];

/**
 * What is measured: its units, and those that a list shows, the likely ones first, prefixes and compounds among them.
 * `source`: where the factors are taken from.
 */
export type Kind = Readonly<{
  id: KindId;
  dimension: Dimension;
  units: readonly Unit[];
  listed: readonly string[];
  source: string;
}>;

/** A fraction from a text such as 0.3048, 1200/3937 or 1.602176634E-19. */
export function fractionOf(text: string): Rational {
  const [above = '', below] = text.split('/');
  const part = (written: string): Rational => {
    const [mantissa = '', exponent = '0'] = written.split('E');
    const [whole = '', decimals = ''] = mantissa.split('.');
    const digits = q.rational(BigInt(whole + decimals), powerOfTen(decimals.length));
    const ten = Number(exponent);
    return ten >= 0 ? q.multiply(digits, q.whole(power(10n, ten))) : q.divide(digits, q.whole(power(10n, -ten)));
  };
  return below === undefined ? part(above) : q.divide(part(above), part(below));
}

/** What a record of a unit says; a factor with π is written `pi/180`. */
type Given = Readonly<{
  sign: string;
  names: string;
  is: string;
  prefixes?: Prefixes;
  dimension?: Dimension;
  zero?: string;
  isReciprocal?: boolean;
}>;

function factorOf(text: string): Factor {
  const isOverPi = text.endsWith('/pi');
  const isTimesPi = text.startsWith('pi*');
  const by = fractionOf(isOverPi ? text.slice(0, -3) : isTimesPi ? text.slice(3) : text);
  return { by, pi: isOverPi ? -1 : isTimesPi ? 1 : 0 };
}

const unitOf = (dimension: Dimension, { sign, names, is, prefixes = 'none', zero, ...given }: Given): Unit => ({
  sign,
  names: names.split(', '),
  factor: factorOf(is),
  dimension,
  prefixes,
  ...(zero === undefined ? {} : { zero: fractionOf(zero) }),
  ...given,
});

/** A kind with its units, each given by how many base units it is. */
export const defineKind = ({
  units,
  listed,
  ...kind
}: Omit<Kind, 'units' | 'listed'> & Readonly<{ units: readonly Given[]; listed: string }>): Kind => ({
  ...kind,
  units: units.map((unit) => unitOf(unit.dimension ?? kind.dimension, unit)),
  listed: listed === '' ? [] : listed.split(', '),
});
