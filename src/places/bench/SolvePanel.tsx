import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useEffect, useState } from 'react';
import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { requestOf } from '@/state/slices/bench/live';
import { hiddenRoots, inTurnName, searchedTurn, solveForName, solutionButton, withinText, words } from '@/text/labels';
import type { SolutionView, SolvedLine } from '@/state/background';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { rangeText, solvedAnswer } from './solved-answer';
import { useAnswer, useRequest } from '@/state/use-task';

function Solution({ name, solution }: Readonly<{ name: string; solution: SolutionView }>) {
  const shown = useStore((s) => s.settings.display);
  const { rewrite } = useStore.getState();
  const [first] = solution.forms;
  if (first === undefined) return null;
  const { check } = solution;
  return (
    <View role="listitem" paddingVertical={4} borderTopWidth={1} borderColor="$rule" gap={2}>
      <View flexDirection="row" alignItems="center" flexWrap="wrap" columnGap="$3">
        <Words size="large">{name}</Words>
        {solution.forms.slice(0, 3).map((form) => (
          <FormValue key={form.id} form={form} shown={shown} isChosen={form === first} />
        ))}
        <View marginLeft="auto">
          <Button
            keepsFocus
            name={solutionButton(`${name} ${first.text}`)}
            onPress={() => rewrite(first.typed, 'solution')}
          >
            {words.use}
          </Button>
        </View>
      </View>
      {solution.isSure ? null : (
        <Words size="medium" tone="accent">
          {words.notSure}
        </Words>
      )}
      {check === null ? null : (
        <Words size="medium" tone="muted">
          {`${words.check}: ${check.left} ${check.sign} ${check.right}`}
        </Words>
      )}
    </View>
  );
}

const sentences: Readonly<Partial<Record<SolvedLine['kind'], string>>> = {
  always: words.solveAlways,
  never: words.solveNever,
  unknown: words.solveUnknown,
};

/** Solutions that come again with every period: all of them, and those of one turn. */
function Repeating({ solved, letter }: Readonly<{ solved: SolvedLine & { kind: 'periodic' }; letter: string }>) {
  const shown = useStore((s) => s.settings.display);
  const { families, inTurn, until, isSearched } = solved;
  if (families.length === 0) return <Words>{searchedTurn(until)}</Words>;
  return (
    <View gap={4}>
      <View role="list" aria-label={words.allSolutions}>
        {families.map((form) => (
          <View
            key={form.typed}
            role="listitem"
            aria-label={`${letter} ${form.exact ? '=' : '≈'} ${form.text}`}
            flexDirection="row"
            alignItems="center"
            flexWrap="wrap"
            columnGap="$3"
            paddingVertical={4}
            borderTopWidth={1}
            borderColor="$rule"
          >
            <Words size="large">{letter}</Words>
            <FormValue form={form} shown={shown} isChosen />
          </View>
        ))}
      </View>
      <Words size="medium" tone="muted">
        {words.anyWhole}
      </Words>
      {isSearched ? (
        <Words size="medium" tone="accent">
          {searchedTurn(until)}
        </Words>
      ) : null}
      <View role="list" aria-label={inTurnName(until)} gap={2}>
        <Words size="medium" tone="muted">
          {inTurnName(until)}
        </Words>
        {inTurn.map((root, i) => (
          <Solution key={i} name={letter} solution={root} />
        ))}
      </View>
    </View>
  );
}

function Solved({ solved, letter }: Readonly<{ solved: SolvedLine; letter: string }>) {
  const [showsComplex, setShowsComplex] = useState(false);
  const sentence = sentences[solved.kind];
  if (sentence !== undefined) return <Words>{sentence}</Words>;
  switch (solved.kind) {
    case 'roots':
      return (
        <View role="list" aria-label={solveForName(letter)}>
          {solved.roots.length === 0 ? <Words>{words.solveNone}</Words> : null}
          {solved.roots.map((root, i) => (
            <Solution key={i} name={letter} solution={root} />
          ))}
          {solved.within === null ? null : (
            <Words size="medium" tone="muted">
              {withinText(solved.within.from, solved.within.to)}
            </Words>
          )}
          {solved.hidden === 0 ? null : (
            <View flexDirection="row" alignItems="center" flexWrap="wrap" gap="$2">
              <Words size="medium">{hiddenRoots(solved.hidden)}</Words>
              {solved.complex.length === 0 || showsComplex ? null : (
                <Button keepsFocus onPress={() => setShowsComplex(true)}>
                  {words.showComplex}
                </Button>
              )}
            </View>
          )}
          {showsComplex
            ? solved.complex.map((root, i) => <Solution key={`c${i}`} name={letter} solution={root} />)
            : null}
        </View>
      );
    case 'periodic':
      return <Repeating solved={solved} letter={letter} />;
    case 'ranges':
      return (
        <View role="list" aria-label={solveForName(letter)} gap={4}>
          {solved.ranges.length === 0 ? <Words>{words.solveNone}</Words> : null}
          {solved.ranges.map((range, i) => (
            <Words key={i} role="listitem" size="large" tone="answer">
              {rangeText(range, letter)}
            </Words>
          ))}
          {solved.within === null ? null : (
            <Words size="medium" tone="muted">
              {withinText(solved.within.from, solved.within.to)}
            </Words>
          )}
        </View>
      );
    case 'pair':
      if (solved.outcome !== 'one') return <Words>{solved.outcome === 'none' ? words.pairNone : words.pairMany}</Words>;
      return (
        <View role="list" aria-label={solveForName(solved.names.join(', '))}>
          {solved.values.map((value, i) => (
            <Solution key={i} name={itemAt(solved.names, i)} solution={value} />
          ))}
        </View>
      );
    default:
      return null;
  }
}

type Props = Readonly<{ letters: readonly string[]; isAsked: boolean; onAnswer: (put: (() => void) | null) => void }>;

/** Solves the line for one of its letters, or for two at once, and offers to put the solutions on the tape. */
export function SolvePanel({ letters, isAsked, onAnswer }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [[from, to], setBetween] = useState<readonly [string, string]>(['', '']);
  const isPair = useStore((s) => letters.length === 2 && /and/.test(lineText(s)));
  const letter = chosen !== null && letters.includes(chosen) ? chosen : isAsked || isPair ? itemAt(letters, 0) : null;
  const request = useRequest((state) => (letter === null ? null : { ...requestOf(state), letter, from, to }));
  const result = useAnswer('solve', request);
  const solved = result?.ok ? result.value : null;
  const answer = solved === null || letter === null ? null : solvedAnswer(solved, letter);
  const put = answer === null ? null : () => useStore.getState().finishSolved(answer);
  useEffect(() => {
    onAnswer(put);
    return () => onAnswer(null);
  });
  const isSearched = solved !== null && 'within' in solved && solved.within !== null;
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
      {letter !== null && result === null ? <Words tone="muted">{words.working}</Words> : null}
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
