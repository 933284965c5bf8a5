import { View, useTheme } from '@tamagui/core';
import { Path, Svg } from 'react-native-svg';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { titleOf } from '@/text/column-labels';
import { curveWords, functionRow, switchName } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { MarginRow } from '@/ui/control/MarginRow';
import { Switch } from '@/ui/kit/Switch';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { seriesStyle } from '@/ui/plot/looks';
import { Words } from '@/ui/theme/text';
import type { Sheet } from './use-drawing';
import { useShownColumns } from './use-shown-points';

/** A piece of a curve as it is drawn. */
export function StyleSample({ look, isOn = true }: Readonly<{ look: number; isOn?: boolean }>) {
  const theme = useTheme();
  const { colour, dash, width } = seriesStyle(look);
  return (
    <Svg width={36} height={16} aria-hidden>
      <Path
        d="M2 8H34"
        stroke={theme[isOn ? colour : 'rule'].get()}
        strokeWidth={width}
        strokeLinecap="round"
        {...(dash === '' ? {} : { strokeDasharray: dash })}
      />
    </Svg>
  );
}

type Props = Readonly<{
  functions: readonly DrawnFunction[];
  sheet: Sheet;
  onOpen: (id: string) => void;
  onAdd: () => void;
}>;

/** The columns whose points lie under the curves. */
function ColumnPoints() {
  const { columns, on } = useShownColumns();
  const shown = useStore((s) => s.document.curves.points);
  const { setPoints } = useStore.getState();
  if (columns === null || shown === null) return null;
  const title = `${titleOf(columns.y)} over ${titleOf(columns.x)}`;
  return (
    <View
      role="group"
      aria-label={`${curveWords.showPoints}: ${title}`}
      flexDirection="row"
      alignItems="center"
      gap="$2"
      paddingLeft="$3"
      borderBottomWidth={1}
      borderColor="$rule"
    >
      <Words aria-hidden tone="muted">
        ⁘
      </Words>
      <Words flex={1} opacity={on ? 1 : 0.6}>
        {title}
      </Words>
      <Button isTight isPlain name={`${curveWords.removePoints}: ${title}`} onPress={() => setPoints(null)}>
        {curveWords.removePoints}
      </Button>
      <Switch name={switchName(title)} isOn={on} onChange={(isOn) => setPoints({ ...shown, on: isOn })} />
    </View>
  );
}

/** The functions, a ruled line each: how it is drawn, what it is, and whether it is switched on. */
export function FunctionList({ functions, sheet, onOpen, onAdd }: Props) {
  const display = useStore((s) => s.settings.display);
  const { changeFunction, clearFunctions } = useStore.getState();
  return (
    <View>
      <View role="list" aria-label={curveWords.functions}>
        {functions.map(({ id, name, text, style: look, on }) => {
          const markup = typeset(text, CORE_SPELLING, display);
          const problem = sheet.curves.find((curve) => curve.id === id)?.problem ?? null;
          return (
            <View
              key={id}
              role="listitem"
              flexDirection="row"
              alignItems="stretch"
              backgroundColor="$paper"
              borderBottomWidth={1}
              borderColor="$rule"
            >
              <View flex={1} minWidth={0}>
                <MarginRow
                  name={functionRow(name, text, seriesStyle(look).name)}
                  mark={<StyleSample look={look} isOn={on} />}
                  ground="$paper"
                  onOpen={() => onOpen(id)}
                >
                  <View flex={1} minWidth={0} paddingHorizontal="$3" paddingVertical="$1" justifyContent="center">
                    <View
                      flexDirection="row"
                      alignItems="center"
                      gap="$1"
                      className="scroll-x ink"
                      opacity={on ? 1 : 0.6}
                    >
                      <Words tone="muted" whiteSpace="nowrap">{`${name} =`}</Words>
                      {markup === null ? <Words>{text}</Words> : <Formula markup={markup} size="tape" />}
                    </View>
                    {problem === null || !on ? null : (
                      <Words size="medium" tone="accent" textAlign="left">
                        {problemText(problem)}
                      </Words>
                    )}
                  </View>
                </MarginRow>
              </View>
              <Switch name={switchName(name)} isOn={on} onChange={(isOn) => changeFunction(id, { on: isOn })} />
            </View>
          );
        })}
      </View>
      <ColumnPoints />
      <View flexDirection="row" flexWrap="wrap" gap="$2" padding="$3">
        <Button onPress={onAdd}>{curveWords.addFunction}</Button>
        {functions.length < 2 ? null : (
          <Button isPlain onPress={clearFunctions}>
            {curveWords.clearFunctions}
          </Button>
        )}
      </View>
    </View>
  );
}
