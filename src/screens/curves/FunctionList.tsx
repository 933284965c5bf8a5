import { View, useTheme } from '@tamagui/core';
import { Path, Svg } from 'react-native-svg';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { curveWords, functionRow, switchName } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { MarginRow } from '@/ui/control/MarginRow';
import { Switch } from '@/ui/control/Switch';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { lookOf } from '@/ui/plot/looks';
import { Words } from '@/ui/theme/text';
import type { Sheet } from './use-drawing';

/** A piece of a curve as it is drawn. */
export function LookSample({ look, isOn = true }: Readonly<{ look: number; isOn?: boolean }>) {
  const theme = useTheme();
  const { colour, dash, width } = lookOf(look);
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

/** The functions, a ruled line each: how it is drawn, what it is, and whether it is switched on. */
export function FunctionList({ functions, sheet, onOpen, onAdd }: Props) {
  const display = useStore((s) => s.settings.display);
  const { changeFunction, clearFunctions } = useStore.getState();
  return (
    <View>
      <View role="list" aria-label={curveWords.functions}>
        {functions.map(({ id, name, text, look, on }) => {
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
                  name={functionRow(name, text, lookOf(look).name)}
                  mark={<LookSample look={look} isOn={on} />}
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
