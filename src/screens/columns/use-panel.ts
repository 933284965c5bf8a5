import { useEffect, useRef, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import type { Result } from '@/core/base/result';
import type { WithCellErrors } from '@/state/columns';

/** What a panel shows: what came of the columns, or why nothing did. `isSlow` once it takes a while. */
export type Panel<T> = Readonly<{
  made: T | null;
  flags: WithCellErrors<T>['flags'];
  hasMore: boolean;
  problem: Problem | null;
  isSlow: boolean;
}>;

const SLOW_MS = 300;

type Answer<T> = Result<WithCellErrors<T>, Problem> | 'superseded';

/** Has something worked whenever its question changes; the last answer stays in sight until the next one comes. */
export function usePanel<T>(ask: () => Promise<Answer<T>> | null, of: readonly unknown[]): Panel<T> {
  const [answer, setAnswer] = useState<Result<WithCellErrors<T>, Problem> | null>(null);
  const [isSlow, setSlow] = useState(false);
  const era = useRef(0);
  useEffect(() => {
    era.current += 1;
    const mine = era.current;
    const asked = ask();
    if (asked === null) {
      setAnswer(null);
      setSlow(false);
      return undefined;
    }
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    void asked.then((made) => {
      clearTimeout(timer);
      if (mine !== era.current || made === 'superseded') return;
      setSlow(false);
      setAnswer(made);
    });
    return () => clearTimeout(timer);
    // The question is told by what it depends on.
  }, of);
  return {
    made: answer?.ok === true ? answer.value.made : null,
    flags: answer?.ok === true ? answer.value.flags : [],
    hasMore: answer?.ok === true && answer.value.hasMore,
    problem: answer?.ok === false ? answer.problem : null,
    isSlow,
  };
}
