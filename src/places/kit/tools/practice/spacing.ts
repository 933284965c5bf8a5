import { createEmptyCard, fsrs, Rating, State } from 'ts-fsrs';
import type { Card } from 'ts-fsrs';
import type { Entries } from '@/core/notebook/kit';
import { EXERCISE_WIDTH, exerciseIn, exerciseRow } from '@/core/practice/run';
import type { Asked } from '@/core/practice/run';
import type { Exercise } from '@/core/practice/exercise';
import type { Mark } from '@/core/practice/mark';

/*
 * Exercises that went wrong come back after days, at intervals that a package for spaced repetition reckons. They are
 * kept as rows: the exercise, its topic, then what the package needs to know of it.
 */

/** Intervals are whole days; a run itself brings back what went wrong within it. */
const scheduler = fsrs({ enable_short_term: false, enable_fuzz: false });

const ROWS = 50;
const MOST_TABLES = 20;
/** What is remembered for longer than this needs no more repetition. */
const LEARNT_DAYS = 120;

type Held = Readonly<{ exercise: Exercise; topic: string; card: Card }>;

const ratings: Readonly<Record<Mark, Rating.Good | Rating.Hard | Rating.Again>> = {
  right: Rating.Good,
  'other-form': Rating.Hard,
  rounded: Rating.Hard,
  wrong: Rating.Again,
};

const rowOf = ({ exercise, topic, card }: Held): string[] => [
  ...exerciseRow(exercise),
  topic,
  card.due.toISOString(),
  `${card.stability}`,
  `${card.difficulty}`,
  `${card.scheduled_days}`,
  `${card.reps}`,
  `${card.lapses}`,
  `${card.state}`,
  card.last_review?.toISOString() ?? '',
];

/** What a row holds; null for one that cannot be read. */
function heldIn(row: readonly string[]): Held | null {
  const exercise = exerciseIn(row);
  const [topic = '', due = '', stability, difficulty, scheduled, reps, lapses, state, last = ''] =
    row.slice(EXERCISE_WIDTH);
  const numbers = [stability, difficulty, scheduled, reps, lapses, state].map(Number);
  const [dueAt, lastAt] = [new Date(due), new Date(last)];
  if (exercise === null || Number.isNaN(dueAt.getTime()) || numbers.some((n) => !Number.isFinite(n) || n < 0))
    return null;
  const [s = 0, d = 0, days = 0, count = 0, lost = 0, at = 0] = numbers;
  const card: Card = {
    ...createEmptyCard(dueAt),
    stability: s,
    difficulty: d,
    scheduled_days: days,
    reps: count,
    lapses: lost,
    state: [State.New, State.Learning, State.Review, State.Relearning][at] ?? State.New,
    ...(Number.isNaN(lastAt.getTime()) ? {} : { last_review: lastAt }),
  };
  return { exercise, topic, card };
}

const tableKey = (i: number): string => `cards ${i}`;

const tablesIn = (entries: Entries): readonly string[] =>
  Object.keys(entries).filter((name) => /^cards \d{1,2}$/.test(name));

/** Every exercise that is to come back. */
function heldOf(entries: Entries): readonly Held[] {
  return tablesIn(entries).flatMap((name) => {
    const rows = entries[name];
    return Array.isArray(rows) ? rows.flatMap((row) => heldIn(row) ?? []) : [];
  });
}

/** The same as entries, the soonest first; tables that are no longer needed are emptied. */
function asEntries(held: readonly Held[], before: Entries): Entries {
  const sorted = [...held].sort((a, b) => a.card.due.getTime() - b.card.due.getTime()).slice(0, ROWS * MOST_TABLES);
  const result: Entries = Object.fromEntries(tablesIn(before).map((name) => [name, []]));
  for (let i = 0; i * ROWS < sorted.length; i += 1)
    result[tableKey(i)] = sorted.slice(i * ROWS, (i + 1) * ROWS).map(rowOf);
  return result;
}

const isSame = (a: Exercise, b: Exercise): boolean => exerciseRow(a).join('\n') === exerciseRow(b).join('\n');

/** The entries after an answer: what went wrong is taken in, what comes back is put off, what is learnt goes. */
export function spaced(entries: Entries, asked: Asked, mark: Mark, now: Date): Entries {
  const held = heldOf(entries);
  const own = held.find(({ exercise }) => isSame(exercise, asked));
  if (own === undefined && mark === 'right') return {};
  const card = scheduler.next(own?.card ?? createEmptyCard(now), now, ratings[mark]).card;
  const others = held.filter((one) => one !== own);
  const isLearnt = card.scheduled_days > LEARNT_DAYS;
  return asEntries(isLearnt ? others : [...others, { exercise: asked, topic: asked.topic, card }], entries);
}

/** The exercises that are due by the end of a day, the longest due first. */
export function dueOf(entries: Entries, now: Date): readonly (Exercise & Readonly<{ topic: string }>)[] {
  const end = new Date(now);
  end.setHours(23, 59, 59, 999);
  return heldOf(entries)
    .filter(({ card }) => card.due <= end)
    .sort((a, b) => a.card.due.getTime() - b.card.due.getTime())
    .map(({ exercise, topic }) => ({ ...exercise, topic }));
}
