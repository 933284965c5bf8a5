import { View } from '@tamagui/core';
import { useState } from 'react';
import { Solved } from '@/places/bench/Solved';
import { Slow } from '@/places/columns/Slow';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import type { Result } from '@/places/kit/parts/result';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { UseSheet } from '@/places/kit/parts/UseSheet';
import { encode } from '@/core/notebook/value-codec';
import { convertNotation } from '@/state/slices/bench/notation';
import { kitRequest } from '@/state/slices/kit/requests';
import { useRequest, useTask } from '@/state/use-task';
import { endName, equationWords } from '@/text/kit/equations';
import { solveForName } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { equationEntries } from './inputs';
import type { ScreenProps } from './screen';

const SPELLING = { decimalSign: '.', impliedFirst: false } as const;

/** Any equation or inequality, solved for one of its letters, between two numbers where that is needed. */
export function OneUnknown({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const [asked, setAsked] = useState<string | null>(null);
  const [used, setUsed] = useState<Result | null>(null);
  const { equation, from, to } = entries;
  const slots = inTurn([
    {
      id: 'equation',
      name: equationWords.equation,
      text: equation,
      keep: (text: string) => enter({ equation: text }, 'equation'),
      isEquation: true,
    },
    { id: 'from', name: endName('', true).trim(), text: from, keep: (text: string) => enter({ from: text }, 'from') },
    { id: 'to', name: endName('', false).trim(), text: to, keep: (text: string) => enter({ to: text }, 'to') },
  ]);
  const [first, low, high] = slots;
  const request = useRequest((state) => {
    if (equation === '') return null;
    const { decimalSign } = state.settings.display;
    const text = convertNotation(equation, SPELLING, { ...SPELLING, decimalSign });
    return { ...kitRequest(state, [text]), text, impliedFirst: false, letter: asked ?? '', from, to };
  });
  const worked = useTask('solve', request);
  const solved = worked.value;
  const letters = solved?.letters ?? [];
  const letter = asked !== null && letters.includes(asked) ? asked : (letters[0] ?? 'x');
  return (
    <>
      <ToolFrame
        id={equationEntries.id}
        name={equationWords.name}
        slots={slots}
        writing={writing}
        above={above}
        entries={
          <>
            {first === undefined ? null : (
              <EntryRow
                slot={first}
                writing={writing}
                hint={equationWords.oneHint}
                note={worked.problem === null ? null : problemText(worked.problem)}
              />
            )}
            <View flexDirection="row" gap="$3">
              {low === undefined ? null : <EntryRow slot={low} writing={writing} hint="−100" />}
              {high === undefined ? null : <EntryRow slot={high} writing={writing} hint="100" />}
            </View>
            <Words size="medium" tone="muted">
              {equationWords.betweenNote}
            </Words>
          </>
        }
        results={
          equation === '' ? (
            <Words tone="muted">{equationWords.oneFirst}</Words>
          ) : (
            <View gap="$2" aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
              <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
              {letters.length < 2 ? null : (
                <View flexDirection="row" flexWrap="wrap" gap="$2">
                  {letters.map((name) => (
                    <Button key={name} isTight isPressed={name === letter} onPress={() => setAsked(name)}>
                      {solveForName(name)}
                    </Button>
                  ))}
                </View>
              )}
              {solved === null ? null : letters.length === 0 ? (
                <Words>{equationWords.noUnknown}</Words>
              ) : (
                <Solved
                  solved={solved}
                  letter={letter}
                  onUse={(name, { value, forms }) =>
                    setUsed({
                      name,
                      forms,
                      saved: value === null ? null : encode(value),
                      full: forms.at(-1)?.typed ?? '',
                      from: `${equationWords.name}: ${name}`,
                    })
                  }
                />
              )}
            </View>
          )
        }
      />
      {used === null ? null : <UseSheet result={used} onClose={() => setUsed(null)} />}
    </>
  );
}
