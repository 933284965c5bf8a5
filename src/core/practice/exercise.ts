import type { AngleUnit } from '../base/angle';
import type { AskedForm } from './asked-form';

/** What is asked of what is shown. */
export const askIds = [
  'work',
  'as-fraction',
  'as-decimal',
  'as-mixed',
  'as-percent',
  'round',
  'simplify-root',
  'as-power-of-ten',
  'same-direction',
  'reference-angle',
  'solve',
  'larger-solution',
  'smaller-solution',
  'graph-value',
  'graph-zero',
  'graph-lowest',
  'graph-slope',
  /** What stands in the words of a sheet. */
  'words',
] as const;
export type AskId = (typeof askIds)[number];

/**
 * An exercise. `shown` is typed text, `key` a line that comes to the answer, exactly; both have a point. `curve`: the
 * function of x whose graph is to be read, `at`: where; of a question of a sheet, which it is there, from 0.
 */
export type Exercise = Readonly<{
  ask: AskId;
  shown: string;
  key: string;
  form: AskedForm;
  curve?: string;
  at?: string;
  /** What is asked in words of its own. */
  words?: string;
  /** How far off an answer may be, where that is not told by its digits. */
  tolerance?: string;
}>;

/** Draws what exercises are made of. */
export type Draw = Readonly<{
  /** A whole number from one to another, both included. */
  whole: (least: number, most: number) => number;
  /** The same without zero, with either sign. */
  signed: (most: number) => number;
  of: <T>(choices: readonly T[]) => T;
}>;

export const levels = [1, 2, 3] as const;
export type Level = (typeof levels)[number];

/** Whether exercises are meant to be worked in the head or may be worked with the Bench. */
export type Way = 'head' | 'bench';

export const seriesIds = [
  'squares',
  'cubes',
  'powers',
  'order',
  'fractions',
  'conversions',
  'rounding',
  'surds',
  'powers-of-ten',
  'logarithms',
  'angles',
  'exact-trig',
  'percents',
  'linear',
  'quadratic',
  'graph',
  'averages',
] as const;
export type SeriesId = (typeof seriesIds)[number];

/** Whether a topic is one of the series, and not one's own lines or a sheet. */
export const isSeries = (topic: string): topic is SeriesId => (seriesIds as readonly string[]).includes(topic);

/** The unit of the angles of an exercise: that of its sheet, or null for the one that is set; series mean degrees. */
export const unitOf = ({ topic }: Readonly<{ topic: string }>, ofSheet: AngleUnit | null): AngleUnit | null =>
  isSeries(topic) ? 'deg' : ofSheet;

/** How each series is meant to be worked. */
export const ways: Readonly<Record<SeriesId, Way>> = {
  squares: 'head',
  cubes: 'head',
  powers: 'head',
  order: 'head',
  fractions: 'head',
  conversions: 'head',
  rounding: 'head',
  surds: 'head',
  'powers-of-ten': 'head',
  logarithms: 'head',
  angles: 'head',
  'exact-trig': 'head',
  percents: 'bench',
  linear: 'bench',
  quadratic: 'bench',
  graph: 'head',
  averages: 'head',
};

/** A series of exercises on one topic, each harder from level to level. */
export type Series = Readonly<{ id: SeriesId; draw: (draw: Draw, level: Level) => Exercise }>;

/** A number as a term of a line: brackets round a negative one. */
export const term = (n: number): string => (n < 0 ? `(${n})` : `${n}`);

/** A sum's further term with its sign. */
export const plus = (n: number): string => (n < 0 ? `-${-n}` : `+${n}`);
