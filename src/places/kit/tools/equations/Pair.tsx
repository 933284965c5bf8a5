import { View } from '@tamagui/core';
import { useState } from 'react';
import { Slow } from '@/places/columns/Slow';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useStore } from '@/state/app-store';
import { kitRequest } from '@/state/slices/kit/requests';
import type { PairsView } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { emptyBoxText, endName, equationNumber, equationWords, lettersText, pairName } from '@/text/kit/equations';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { equationEntries } from './inputs';
import type { ScreenProps } from './screen';

const FEW = 8;

/** Two equations in two letters, not linear, solved in a box that is said. */
export function Pair({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const { first, second, xFrom, xTo, yFrom, yTo } = entries;
  const request = useRequest((state) =>
    first === '' || second === ''
      ? null
      : {
          ...kitRequest(state, [first, second, xFrom, xTo, yFrom, yTo]),
          equations: [first, second] as const,
          from: [xFrom, yFrom] as const,
          to: [xTo, yTo] as const,
        },
  );
  const worked = useTask('pairs', request);
  const view = worked.value;
  const [x, y] = view?.kind === 'pairs' ? view.letters : ['x', 'y'];
  const fields = {
    first: { name: equationNumber(0), text: first, isEquation: true },
    second: { name: equationNumber(1), text: second, isEquation: true },
    xFrom: { name: endName(x, true), text: xFrom },
    xTo: { name: endName(x, false), text: xTo },
    yFrom: { name: endName(y, true), text: yFrom },
    yTo: { name: endName(y, false), text: yTo },
  } as const;
  const slots = inTurn(
    (Object.keys(fields) as (keyof typeof fields)[]).map((id) => ({
      id,
      ...fields[id],
      keep: (text: string) => enter({ [id]: text }, id),
    })),
  );
  const noteOf = (id: string): string | null => {
    if (view?.kind === 'refused' && view.field === id) return problemText(view.problem);
    return view?.kind === 'empty-box' && id === (view.letter === x ? 'xFrom' : 'yFrom')
      ? emptyBoxText(view.letter)
      : null;
  };
  const rowOf = (id: keyof typeof fields, hint: string) => {
    const slot = slots.find((one) => one.id === id);
    return slot === undefined ? null : (
      <EntryRow key={id} slot={slot} writing={writing} hint={hint} note={noteOf(id)} />
    );
  };
  return (
    <ToolFrame
      id={equationEntries.id}
      name={equationWords.name}
      slots={slots}
      writing={writing}
      above={above}
      entries={
        <>
          {rowOf('first', 'x² + y² = 25')}
          {rowOf('second', 'x + y = 7')}
          <View flexDirection="row" gap="$3">
            {rowOf('xFrom', '−10')}
            {rowOf('xTo', '10')}
          </View>
          <View flexDirection="row" gap="$3">
            {rowOf('yFrom', '−10')}
            {rowOf('yTo', '10')}
          </View>
        </>
      }
      results={
        request === null ? (
          <Words tone="muted">{equationWords.pairFirst}</Words>
        ) : (
          <View gap="$2" aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
            <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
            {worked.problem === null ? null : <Words tone="accent">{problemText(worked.problem)}</Words>}
            {view === null ? null : <Pairs view={view} />}
          </View>
        )
      }
    />
  );
}

function Pairs({ view }: Readonly<{ view: PairsView }>) {
  const sign = useStore((s) => s.settings.display.decimalSign);
  const [showsAll, setShowsAll] = useState(false);
  if (view.kind === 'letters') return <Words>{lettersText(view.letters)}</Words>;
  if (view.kind === 'unknown') return <Words>{equationWords.pairUnknown}</Words>;
  if (view.kind !== 'pairs') return null;
  const { pairs, letters, isComplete, open } = view;
  const number = (v: number): string => v.toFixed(3).replace('.', sign).replace('-', '−');
  const places = open.slice(0, FEW).map(([a, b]) => `(${number(a)}; ${number(b)})`);
  const shown = showsAll ? pairs : pairs.slice(0, 3 * FEW);
  return (
    <>
      {pairs.length === 0 ? <Words>{equationWords.noPair}</Words> : null}
      {shown.map((pair, i) => (
        <View key={i} role="list" aria-label={pairName(i)}>
          {pair.map((kept, k) => (
            <ResultRow
              key={letters[k]}
              result={{ ...kept, name: letters[k] ?? '', from: `${equationWords.name}: ${letters[k] ?? ''}` }}
            />
          ))}
        </View>
      ))}
      {shown.length === pairs.length ? null : (
        <View flexDirection="row">
          <Button onPress={() => setShowsAll(true)}>{`${pairs.length}`}</Button>
        </View>
      )}
      <Words size="medium" tone="muted">
        {isComplete
          ? equationWords.allPairs
          : places.length === 0
            ? equationWords.touching
            : `${equationWords.notAllPairs} ${places.join(', ')}${open.length > FEW ? ' …' : ''}`}
      </Words>
    </>
  );
}
