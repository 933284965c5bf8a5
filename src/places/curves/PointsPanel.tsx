import { View } from '@tamagui/core';
import { useState } from 'react';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { useRequest, useTask } from '@/state/use-task';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { curvesRequest } from '@/state/slices/curves/requests';
import { curveWords, pointHeadings, pointNames } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Pressable } from '@/ui/control/Pressable';
import { Heading, Words } from '@/ui/theme/text';
import type { FoundPoint, FoundPoints } from '@/state/slices/curves/requests';
import { StyleSample } from './FunctionList';
import { chosenForm, kindsInOrder, signed } from './panels';

type Props = Readonly<{
  functions: readonly DrawnFunction[];
  found: FoundPoints | null;
  /** Points are being looked for, and have been for a while. */
  isSlow: boolean;
  onStop: () => void;
  chosen: number | null;
  onChoose: (number: number) => void;
}>;

/** The names of the curves that a point lies on. */
const curvesOf = (point: FoundPoint, functions: readonly DrawnFunction[]): string =>
  point.curves.map((id) => functions.find((f) => f.id === id)?.name ?? '').join(', ');

/** A pair of coordinates, the exact ones where there are any. */
const pair = (point: Pick<FoundPoint, 'x' | 'y'>): string => `( ${signed(point.x[0])} ; ${signed(point.y[0])} )`;

/** Whether decimals would tell more than what is shown first. */
const hasDecimals = ({ x, y }: FoundPoint): boolean =>
  [x, y].some((forms) => forms[0]?.id !== 'decimal' && forms.some(({ id }) => id === 'decimal'));

function ValueAt({ functions }: Readonly<{ functions: readonly DrawnFunction[] }>) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<string | null>(null);
  const plain = useStore((s) => (asked === null ? null : toCanonicalText(asked, s.settings)));
  const request = useRequest((state) =>
    plain === null
      ? null
      : { ...curvesRequest(state, functions, [plain]), xs: { picked: [plain] }, rows: { from: 0, count: 1 } },
  );
  const { value, problem: failed } = useTask('values', request);
  const row = value?.rows[0] ?? null;
  const problem = failed ?? row?.problem ?? null;
  const wrong =
    asked !== null && plain === null ? curveWords.notNumber : problem === null ? null : problemText(problem);
  const work = (): void => setAsked(text);
  return (
    <View paddingHorizontal="$3" gap="$1">
      <View flexDirection="row" gap="$2" alignItems="center">
        <Field name={curveWords.valueAt} isInline value={text} onChange={setText} onEnter={work} />
        <Button isDisabled={text.trim() === ''} onPress={work}>
          {curveWords.find}
        </Button>
      </View>
      <View aria-live="polite">
        {wrong === null ? null : <Words tone="accent">{wrong}</Words>}
        {row === null || wrong !== null
          ? null
          : row.cells.map((cell, i) => (
              <Words key={functions[i]?.id ?? i} tone="answer">
                {`${functions[i]?.name ?? ''}(${signed(row.x[0])}) ${'forms' in cell ? `= ${signed(cell.forms[0])}` : `: ${problemText(cell.problem)}`}`}
              </Words>
            ))}
      </View>
    </View>
  );
}

/** Zeros, turning points and crossings in the view, numbered as they are marked on the graph. */
export function PointsPanel({ functions, found, isSlow, onStop, chosen, onChoose }: Props) {
  let number = 0;
  return (
    <View gap="$2" paddingVertical="$2">
      <ValueAt functions={functions} />
      {isSlow ? (
        <View role="status" flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3">
          <Words tone="muted">{curveWords.looking}</Words>
          <Button onPress={onStop}>{words.stop}</Button>
        </View>
      ) : null}
      {found?.points.length === 0 && !found.hasMore ? (
        <Words paddingHorizontal="$3" tone="muted">
          {curveWords.noPoints}
        </Words>
      ) : null}
      {kindsInOrder.map((kind) => {
        const points = (found?.points ?? []).filter((p) => p.kind === kind);
        if (points.length === 0) return null;
        return (
          <View key={kind} role="group" aria-label={pointHeadings[kind]}>
            <Heading role="heading" aria-level={2} paddingHorizontal="$3">
              {pointHeadings[kind]}
            </Heading>
            <View role="list" aria-label={pointHeadings[kind]}>
              {points.map((point) => {
                number += 1;
                const own = number;
                const look = functions.find((f) => f.id === point.curves[0])?.style ?? 0;
                return (
                  <View key={own} role="listitem" borderBottomWidth={1} borderColor="$rule">
                    <Pressable
                      alignSelf="stretch"
                      justifyContent="flex-start"
                      gap="$3"
                      paddingHorizontal="$3"
                      aria-pressed={own === chosen}
                      aria-label={`${own}: ${pointNames[kind]} of ${curvesOf(point, functions)}, x ${signed(point.x[0])}, y ${signed(point.y[0])}`}
                      backgroundColor={own === chosen ? '$card' : 'transparent'}
                      onPress={() => onChoose(own)}
                    >
                      <Words strong tone={own === chosen ? 'accent' : 'muted'} minWidth={24} textAlign="right">
                        {own}
                      </Words>
                      <StyleSample look={look} />
                      <Words tone="muted">{curvesOf(point, functions)}</Words>
                      <View flex={1} alignItems="flex-end">
                        <Words tone="answer" textAlign="right">
                          {pair(point)}
                        </Words>
                        {hasDecimals(point) ? (
                          <Words size="medium" tone="muted" textAlign="right">
                            {`( ${signed(chosenForm(point.x, false))} ; ${signed(chosenForm(point.y, false))} )`}
                          </Words>
                        ) : null}
                      </View>
                    </Pressable>
                  </View>
                );
              })}
            </View>
          </View>
        );
      })}
      {found?.hasMore === true ? (
        <Words paddingHorizontal="$3" tone="muted">
          {curveWords.morePoints}
        </Words>
      ) : null}
    </View>
  );
}

const SETTLE_MS = 200;
/** From this on it is said that points are being looked for. */
const SLOW_MS = 500;
const NONE_FOUND: FoundPoints = { points: [], hasMore: true };

/** The points of the functions between two ends of x, a moment after these came to rest; null before there were any. */
export function usePoints(
  functions: readonly DrawnFunction[],
  from: number,
  to: number,
  isOn: boolean,
): Readonly<{ found: FoundPoints | null; isSlow: boolean; stop: () => void }> {
  const request = useRequest((state) => (isOn ? { ...curvesRequest(state, functions), from, to } : null));
  const { state, value, problem, stop } = useTask('points', request, { settleMs: SETTLE_MS, slowMs: SLOW_MS });
  return { found: problem === null ? value : NONE_FOUND, isSlow: state === 'slow', stop };
}
