import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { requestOf } from '@/state/slices/bench/live';
import { useRequest, useTask } from '@/state/use-task';
import { solveForName, words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import { Solved } from './Solved';
import { solvedAnswer } from './solved-answer';

type Props = Readonly<{ letters: readonly string[]; isAsked: boolean; onAnswer: (put: (() => void) | null) => void }>;

/** What is told here: a line that cannot be read says so itself. */
const ownProblems: ReadonlySet<Problem['code']> = new Set<Problem['code']>(['stopped', 'internal']);

/** Solves the line for one of its letters, or for two at once, and offers to put the solutions on the tape. */
export function SolvePanel({ letters, isAsked, onAnswer }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [[from, to], setBetween] = useState<readonly [string, string]>(['', '']);
  const isPair = useStore((s) => letters.length === 2 && /and/.test(lineText(s)));
  const letter = chosen !== null && letters.includes(chosen) ? chosen : isAsked || isPair ? itemAt(letters, 0) : null;
  const request = useRequest((state) => (letter === null ? null : { ...requestOf(state), letter, from, to }));
  const { state, value, problem, isStale, stop } = useTask('solve', request);
  const solved = isStale ? null : value;
  const answer = solved === null || letter === null ? null : solvedAnswer(solved, letter);
  const put = answer === null ? null : () => useStore.getState().finishSolved(answer);
  useEffect(() => {
    onAnswer(put);
    return () => onAnswer(null);
  });
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
