import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { createContext, useContext, useState } from 'react';
import type { SolutionView, SolvedLine } from '@/state/background';
import { useStore } from '@/state/app-store';
import { hiddenRoots, inTurnName, searchedTurn, solveForName, solutionButton, withinText, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { FormValue } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import { rangeText } from './solved-answer';

/** What is done with a solution that is to be used: on the Bench it takes the place of the line. */
export type UseSolution = (name: string, solution: SolutionView) => void;

const intoLine: UseSolution = (_, { forms }) => {
  if (forms[0] !== undefined) useStore.getState().rewrite(forms[0].typed, 'solution');
};

const UseContext = createContext<UseSolution>(intoLine);

function Solution({ name, solution }: Readonly<{ name: string; solution: SolutionView }>) {
  const shown = useStore((s) => s.settings.display);
  const use = useContext(UseContext);
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
          <Button keepsFocus name={solutionButton(`${name} ${first.text}`)} onPress={() => use(name, solution)}>
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

type Props = Readonly<{ solved: SolvedLine; letter: string; onUse?: UseSolution }>;

/** What solving came to, each solution with a way to use it. */
export const Solved = ({ onUse = intoLine, ...props }: Props) => (
  <UseContext.Provider value={onUse}>
    <Solutions {...props} />
  </UseContext.Provider>
);

function Solutions({ solved, letter }: Omit<Props, 'onUse'>) {
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
