import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { requestOf } from '@/state/slices/bench/live';
import { useRequest, useTask } from '@/state/use-task';
import { needsValuesText, solveForName, words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import { Solved } from './Solved';
import { solvedAnswer } from './solved-answer';

type Props = Readonly<{ letters: readonly string[] }>;

/** What is told here: a line that cannot be read says so itself. */
const ownProblems: ReadonlySet<Problem['code']> = new Set<Problem['code']>(['stopped', 'internal']);

/** Solves the line for one of its letters, or for two at once, and offers to put the solutions on the tape. */
export function SolvePanel({ letters }: Props) {
  const solving = useStore((s) => s.solving);
  const tries = useStore((s) => s.document.tries);
  const [chosen, setChosen] = useState<string | null>(null);
  const [[from, to], setBetween] = useState<readonly [string, string]>(['', '']);
  const isPair = useStore((s) => letters.length === 2 && /and/.test(lineText(s)));
  const open = letters.filter((name) => (tries[name] ?? '').trim() === '');
  const isAsked = letters.length === 1 || isPair || solving !== 'idle';
  const letter =
    chosen !== null && letters.includes(chosen) ? chosen : isAsked ? (open[0] ?? itemAt(letters, 0)) : null;
  /** Letters that need a number before the line can be solved for the one that is sought. */
  const missing = isPair || letter === null ? [] : open.filter((name) => name !== letter);
  const request = useRequest((state) =>
    letter === null || missing.length > 0 ? null : { ...requestOf(state), letter, from, to },
  );
  const { state, value, problem, isStale, stop } = useTask('solve', request);
  const solved = isStale ? null : value;
  const answer = solved === null || letter === null ? null : solvedAnswer(solved, letter);
  const put = answer === null ? null : () => useStore.getState().finishSolved(answer);
  const isSettled = missing.length > 0 || (!isStale && (state === 'done' || state === 'problem'));
  // One letter leaves no doubt what is meant; of several the solutions are looked at first.
  const goesOnTape = solving === 'put' || letters.length === 1 || isPair || chosen !== null;
  useEffect(() => {
    if ((solving !== 'wanted' && solving !== 'put') || !isSettled) return;
    if (answer !== null && goesOnTape) useStore.getState().finishSolved(answer);
    else useStore.getState().showSolved();
  });
  // Keys that wait for it must not wait for what is gone.
  useEffect(() => () => useStore.getState().showSolved(), []);
  // Between nearer ends a search that took too long may come to its end.
  const isSearched = problem?.code === 'stopped' || (solved !== null && 'within' in solved && solved.within !== null);
  return (
    <View role="group" aria-label={words.solveFor} gap="$1">
      <View flexDirection="row" flexWrap="wrap" gap="$2" alignItems="center">
        {isPair ? (
          <Words size="medium" tone="muted">
            {solveForName(letters.join(', '))}
          </Words>
        ) : (
          letters.map((name) => (
            <Button key={name} keepsFocus isPressed={name === letter} onPress={() => setChosen(name)}>
              {solveForName(name)}
            </Button>
          ))
        )}
        {put === null ? null : (
          <Button keepsFocus onPress={put}>
            {words.toTape}
          </Button>
        )}
      </View>
      {missing.length === 0 || letter === null ? null : <Words>{needsValuesText(letter, missing)}</Words>}
      {state === 'working' ? <Words tone="muted">{words.working}</Words> : null}
      {state === 'slow' ? (
        <View flexDirection="row">
          <Button keepsFocus onPress={stop}>{`${words.working} ${words.stop}`}</Button>
        </View>
      ) : null}
      {problem === null || !ownProblems.has(problem.code) ? null : <Words tone="accent">{problemText(problem)}</Words>}
      {solved === null || letter === null ? null : <Solved solved={solved} letter={letter} />}
      {isSearched ? (
        <View flexDirection="row" gap="$2" alignItems="center">
          <View flex={1.6} minWidth={0}>
            <Field
              name={words.solveBetween}
              isInline
              value={from}
              placeholder="−100"
              onChange={(f) => setBetween([f, to])}
            />
          </View>
          <View flex={1} minWidth={0}>
            <Field name={words.solveTo} isInline value={to} placeholder="100" onChange={(t) => setBetween([from, t])} />
          </View>
        </View>
      ) : null}
    </View>
  );
}
