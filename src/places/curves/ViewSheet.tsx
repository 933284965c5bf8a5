import { itemAt } from '@/core/base/item';
import { View, useMedia } from '@tamagui/core';
import { useState } from 'react';
import { isDrawable } from '@/core/curve/view';
import type { ViewRange } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { curvesRequest } from '@/state/slices/curves/requests';
import { curveWords } from '@/text/curve-labels';
import { words } from '@/text/labels';
import { problemText } from '@/text/problems';
import { shortcutHelp } from '@/text/shortcuts';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { Field } from '@/ui/kit/Field';
import { Note } from '@/ui/control/Note';
import { Panel } from '@/ui/kit/Panel';
import { KeyboardList } from '@/ui/key/KeyboardList';
import { Words } from '@/ui/theme/text';
import { ends } from './spoken-view';

const sides = ['xFrom', 'xTo', 'yFrom', 'yTo'] as const;
type Side = (typeof sides)[number];
const sideNames: Readonly<Record<Side, string>> = { xFrom: 'x from', xTo: 'x to', yFrom: 'y from', yTo: 'y to' };

type Props = Readonly<{
  view: ViewRange;
  onClose: () => void;
  onImage: (kind: 'svg' | 'png') => void;
  onPrint: () => void;
}>;

/** The ends of the view as expressions, what the axes mean, and how they are marked. */
export function ViewSheet({ view, onClose, onImage, onPrint }: Props) {
  const { x, y } = useStore((s) => s.document.curves);
  const sign = useStore((s) => s.settings.display.decimalSign);
  const { setView, setAxis } = useStore.getState();
  const { wide: isWide } = useMedia();
  const [texts, setTexts] = useState<Record<Side, string>>(() => {
    const [fromX, toX] = ends(view.xFrom, view.xTo, x.ticks, sign);
    const [fromY, toY] = ends(view.yFrom, view.yTo, y.ticks, sign);
    return { xFrom: fromX, xTo: toX, yFrom: fromY, yTo: toY };
  });
  const [wrong, setWrong] = useState<string | null>(null);

  const use = async (): Promise<void> => {
    const state = useStore.getState();
    const plain = sides.map((side) => toCanonicalText(texts[side], state.settings));
    const unread = plain.findIndex((text) => text === null);
    if (unread >= 0) return setWrong(`${sideNames[itemAt(sides, unread)]}: ${curveWords.notNumber}`);
    const picked = plain as string[];
    const table = await tasks.run('values', {
      ...curvesRequest(state, [], picked),
      xs: { picked },
      rows: { from: 0, count: 4 },
    });
    if (table === 'superseded') return undefined;
    if (!table.ok) return setWrong(problemText(table.problem));
    const failed = table.value.rows.flatMap(({ problem }, i) => (problem === null ? [] : [{ problem, i }])).at(0);
    if (failed !== undefined) return setWrong(`${sideNames[itemAt(sides, failed.i)]}: ${problemText(failed.problem)}`);
    const [xFrom, xTo, yFrom, yTo] = table.value.rows.map(({ at }) => at) as [number, number, number, number];
    const next = { xFrom, xTo, yFrom, yTo };
    if (!isDrawable(next)) return setWrong(curveWords.wrongView);
    setView(next);
    onClose();
    return undefined;
  };

  const axis = (which: 'x' | 'y') => {
    const { name, unit, ticks } = which === 'x' ? x : y;
    return (
      <View gap="$2">
        <View flexDirection="row" gap="$3">
          <View flex={1}>
            <Field
              name={`${which}: ${curveWords.name}`}
              value={name}
              onChange={(text) => setAxis(which, { name: text.slice(0, 60) })}
            />
          </View>
          <View flex={1}>
            <Field
              name={`${which}: ${curveWords.unit}`}
              value={unit}
              onChange={(text) => setAxis(which, { unit: text.slice(0, 60) })}
            />
          </View>
        </View>
        <Choice
          title={`${which}: ${curveWords.ticks}`}
          options={[
            { id: 'decimal', name: curveWords.ticksDecimal },
            { id: 'pi', name: curveWords.ticksPi },
          ]}
          chosen={ticks}
          onChoose={(kind) => setAxis(which, { ticks: kind })}
        />
      </View>
    );
  };

  return (
    <Panel title={curveWords.viewTitle} onClose={onClose}>
      <View gap="$2">
        <Note note={curveWords.viewNote} />
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {sides.map((side) => (
            <View key={side} flexBasis={150} flexGrow={1}>
              <Field
                name={sideNames[side]}
                value={texts[side]}
                onChange={(text) => setTexts({ ...texts, [side]: text })}
                onEnter={() => void use()}
              />
            </View>
          ))}
        </View>
        {wrong === null ? null : (
          <Words role="alert" tone="accent">
            {wrong}
          </Words>
        )}
        <View flexDirection="row">
          <Button onPress={() => void use()}>{curveWords.useView}</Button>
        </View>
      </View>
      {axis('x')}
      {axis('y')}
      <View role="group" aria-label={curveWords.graphImages} gap="$1">
        <Words strong>{curveWords.graphImages}</Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          <Button onPress={() => onImage('svg')}>{curveWords.saveSvg}</Button>
          <Button onPress={() => onImage('png')}>{curveWords.savePng}</Button>
          <Button
            onPress={() => {
              onClose();
              onPrint();
            }}
          >
            {words.print}
          </Button>
        </View>
      </View>
      {isWide ? (
        <>
          <KeyboardList help={shortcutHelp('graph')} />
          <KeyboardList title={curveWords.valuesKeyboard} help={shortcutHelp('rows')} />
        </>
      ) : null}
    </Panel>
  );
}
