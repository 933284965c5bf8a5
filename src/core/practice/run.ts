import { itemAt } from '../base/item';
import { askedFormOf } from './asked-form';
import { askIds } from './exercise';
import type { AskId, Exercise } from './exercise';
import type { Mark } from './mark';
import type { Sheet } from './sheet-schema';

/** An exercise of a run. `topic`: its series; `first`, `last`: how its answers were marked; `turn`: when the last of them came, 0 for never; `answer`: the first one as it was written. */
export type Asked = Exercise &
  Readonly<{ topic: string; first: Mark | null; last: Mark | null; turn: number; answer: string }>;

/** Exercises that are asked one after the other, wrong ones again at the end. */
export type Run = readonly Asked[];

export const begun = (exercises: readonly (Exercise & Readonly<{ topic: string }>)[]): Run =>
  exercises.map((exercise) => ({ ...exercise, first: null, last: null, turn: 0, answer: '' }));

/** Which exercise comes next: those not yet asked in turn, then those not yet right, longest ago first; null at the end. */
export function nextOf(run: Run): number | null {
  const fresh = run.findIndex(({ last }) => last === null);
  if (fresh >= 0) return fresh;
  const open = run.flatMap(({ last, turn }, index) => (last === 'right' ? [] : [{ index, turn }]));
  const [first] = open.sort((a, b) => a.turn - b.turn);
  return first?.index ?? null;
}

/** The exercises that were answered at least once, right or wrong. */
export const answeredOf = (run: Run): Run => run.filter(({ first }) => first !== null);

/** The run with an answer marked. */
export function answered(run: Run, index: number, mark: Mark, answer: string): Run {
  const turn = Math.max(0, ...run.map((one) => one.turn)) + 1;
  return run.map((one, i) =>
    i === index
      ? { ...one, first: one.first ?? mark, last: mark, turn, answer: one.first === null ? answer : one.answer }
      : one,
  );
}

/** How far a run is: how many are right by now, and how many were at the first answer. */
export const standing = (run: Run): Readonly<{ right: number; atFirst: number; total: number }> => ({
  right: run.filter(({ last }) => last === 'right').length,
  atFirst: run.filter(({ first }) => first === 'right').length,
  total: run.length,
});

const marks: readonly Mark[] = ['right', 'other-form', 'rounded', 'wrong'];
const markOf = (text: string): Mark | null => marks.find((mark) => mark === text) ?? null;

/** An exercise as a row of texts. */
export const exerciseRow = ({
  ask,
  shown,
  key,
  form,
  curve = '',
  at = '',
  words = '',
  tolerance = '',
}: Exercise): string[] => [ask, shown, key, form, curve, at, words, tolerance];

/** An exercise from a row of texts; null when it is none. */
export function exerciseIn(row: readonly string[]): Exercise | null {
  const [ask, shown = '', key = '', asked = '', curve = '', at = '', words = '', tolerance = ''] = row;
  const form = askedFormOf(asked);
  if (form === null || key === '' || !(askIds as readonly string[]).includes(ask ?? '')) return null;
  return {
    ask: ask as AskId,
    shown,
    key,
    form,
    ...(curve === '' ? {} : { curve }),
    ...(at === '' ? {} : { at }),
    ...(words === '' ? {} : { words }),
    ...(tolerance === '' ? {} : { tolerance }),
  };
}

/** How many texts an exercise takes of a row. */
export const EXERCISE_WIDTH = 8;

export const runRows = (run: Run): string[][] =>
  run.map((one) => [...exerciseRow(one), one.topic, one.first ?? '', one.last ?? '', `${one.turn}`, one.answer]);

/** A run from rows of texts; rows that are no exercise are left out. */
export const runIn = (rows: readonly (readonly string[])[]): Run =>
  rows.flatMap((row) => {
    const exercise = exerciseIn(row);
    const [topic = '', first = '', last = '', turn = '', answer = ''] = row.slice(EXERCISE_WIDTH);
    return exercise === null
      ? []
      : [
          {
            ...exercise,
            topic,
            first: markOf(first),
            last: markOf(last),
            turn: Math.max(0, Math.trunc(Number(turn)) || 0),
            answer,
          },
        ];
  });

/**
 * What was answered to the questions of a sheet, in their order: '' for one that was not asked, since it cannot be worked
 * with the numbers that the pupil has.
 */
export function answersOf({ items }: Pick<Sheet, 'items'>, run: Run): readonly string[] {
  const answers = items.flatMap(({ kind }) => (kind === 'question' ? [''] : []));
  for (const [i, { at, answer }] of run.entries()) answers[Number(at ?? i)] = answer;
  return answers;
}

/** Answers of a day on a topic: how many, and how many of them were right. */
export type Count = Readonly<{ right: number; all: number }>;

const NONE: Count = { right: 0, all: 0 };

const countIn = (text: string): Count => {
  const [, right, all] = /^(\d{1,5})\/(\d{1,5})$/.exec(text) ?? [];
  return all === undefined ? NONE : { right: Number(right), all: Number(all) };
};

const DAYS = 31;

/** A month as rows: a topic, then its counts by day. */
export type MonthRows = readonly (readonly string[])[];

/** A month with one more answer. `day` from 1. */
export function counted(month: MonthRows, topic: string, day: number, isRight: boolean): string[][] {
  const rows = month.map((row) => [...row]);
  let row = rows.find(([name]) => name === topic);
  if (row === undefined) {
    row = [topic, ...Array.from({ length: DAYS }, () => '')];
    rows.push(row);
  }
  const { right, all } = countIn(row[day] ?? '');
  row[day] = `${right + (isRight ? 1 : 0)}/${all + 1}`;
  return rows;
}

const added = (a: Count, b: Count): Count => ({ right: a.right + b.right, all: a.all + b.all });

/** The counts of each day of a month, all topics together; the first is that of day 1. */
export const byDay = (month: MonthRows): readonly Count[] =>
  Array.from({ length: DAYS }, (_, i) => month.reduce((sum, row) => added(sum, countIn(row[i + 1] ?? '')), NONE));

/** The counts of each topic over months, those with answers only. */
export function byTopic(months: readonly MonthRows[]): ReadonlyMap<string, Count> {
  const result = new Map<string, Count>();
  for (const row of months.flat()) {
    const sum = row.slice(1).reduce((total, text) => added(total, countIn(text)), NONE);
    if (sum.all > 0) result.set(itemAt(row, 0), added(result.get(itemAt(row, 0)) ?? NONE, sum));
  }
  return result;
}
