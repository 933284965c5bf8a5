import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import type { LaneOf } from '@/workers/lanes';
import type { TaskKind, Tasks } from '@/workers/tasks';
import { usePieces } from './use-pieces';
import type { ValueOf } from './use-task';

/** Rows that are worked at once. */
export const BATCH = 60;

type Range = Readonly<{ from: number; count: number }>;

/** Some rows of a table, the first of them being row `from`, and how many the table has in all. */
type Piece<Row> = Readonly<{ from: number; rows: readonly Row[]; count: number }>;

type Source<K extends TaskKind, Row> = Readonly<{
  request: (range: Range) => Tasks[K]['request'] | null;
  piece: (from: number, value: ValueOf<K>) => Piece<Row> | null;
  /** What is known before anything is asked; null where the first rows are asked for. */
  start: Piece<Row> | null;
}>;

/** The rows are added to in place, since there may be many; each addition makes a new one of these. */
type Known<Row> = Readonly<{ of: unknown; rows: Map<number, Row>; count: number; problem: Problem | null }>;

export type Rows<Row> = Readonly<{
  count: number;
  /** Null while it is not known; another function whenever rows have come. */
  row: (i: number) => Row | null;
  problem: Problem | null;
  /** Sees to it that rows which have come into sight are worked. */
  onSeen: (from: number, to: number) => void;
}>;

const begun = <Row>(of: unknown, { from, rows, count }: Piece<Row>): Known<Row> => ({
  of,
  rows: new Map(rows.map((row, i) => [from + i, row])),
  count,
  problem: null,
});

const NO_ROWS = { from: 0, rows: [], count: 0 };

/**
 * The rows of a long table, worked in pieces as they come into sight. `basis` is what all rows rest on; once that is
 * another one, the old rows stay in sight only until the first new ones are there.
 */
export function useRows<K extends TaskKind, Row>(
  kind: K,
  basis: unknown,
  { request, piece, start }: Source<K, Row>,
  lane?: LaneOf<K>,
): Rows<Row> {
  const initial = useMemo(() => begun(basis, start ?? NO_ROWS), [basis, start]);
  const [last, setLast] = useState<Known<Row>>(initial);
  const known = last.of === basis || start === null ? last : initial;
  const latest = useRef(known);
  useEffect(() => {
    latest.current = known;
  });
  const { ask } = usePieces(
    kind,
    basis,
    {
      request: (from: number) => request({ from, count: BATCH }),
      take: (from, answer) =>
        setLast((before) => {
          const base = before.of === basis ? before : initial;
          if (!answer.ok) return { ...base, problem: answer.problem };
          const found = piece(from, answer.value);
          if (found === null) return base;
          found.rows.forEach((row, i) => base.rows.set(found.from + i, row));
          return { ...base, count: found.count, problem: null };
        }),
    },
    lane,
  );

  const seen = useRef({ from: 0, to: 0 });
  const askMissing = useCallback((): void => {
    const { rows, count } = latest.current;
    const to = Math.min(seen.current.to, count - 1);
    for (let i = seen.current.from; i <= to; i += 1) if (!rows.has(i)) return ask(Math.max(0, i - BATCH / 4));
  }, [ask]);
  const isStale = known.of !== basis;
  useEffect(() => {
    if (start === null) ask(0);
  }, [basis, start, ask]);
  // Rows in sight are wished for again when more is known, for the ones of an old basis are none.
  useEffect(() => {
    if (!isStale && known.problem === null) askMissing();
  }, [known, isStale, askMissing]);
  const onSeen = useCallback(
    (from: number, to: number): void => {
      seen.current = { from, to };
      askMissing();
    },
    [askMissing],
  );
  const row = useCallback((i: number): Row | null => known.rows.get(i) ?? null, [known]);
  return { count: known.count, row, problem: known.problem, onSeen };
}
