import { View } from '@tamagui/core';
import { memo, useDeferredValue } from 'react';
import { isEmptyLine } from '@/core/line/line';
import { keys } from '@/keys/catalogue';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { answerInSight } from '@/state/slices/bench/moment';
import { curveWords } from '@/text/curve-labels';
import { nearNames, solutionButton, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import type { OpenSheet } from './sheets';

/** What a typed decimal may have been rounded from; a tap writes it in its place. */
function Near() {
  const near = useStore((s) => (isEmptyLine(s.document.line) ? undefined : answerInSight(s.live)?.near));
  const take = (typed: string) => {
    const { live, rewrite } = useStore.getState();
    // While the line is worked out anew, what stands there is of the line before.
    if (live.kind === 'answer') rewrite(typed, 'solution');
  };
  return near?.map(({ kind, text, typed }) => (
    <Button key={kind} keepsFocus name={`${solutionButton(text)}, ${nearNames[kind]}`} onPress={() => take(typed)}>
      ≈ {text}
    </Button>
  ));
}

type Props = Readonly<{
  onOpen: (sheet: OpenSheet) => void;
  /** Draws the line as a function; null when it is none. */
  onDraw: (() => void) | null;
}>;

/** What can be asked of the line being written: its steps, its angle, its digits, and all the rest. */
export const LineTools = memo(function LineTools(props: Props) {
  // A key is painted before the buttons that come or go with it (measured: a third of the press of the first one and of `=`).
  const isEmpty = useDeferredValue(useStore((s) => isEmptyLine(s.document.line)));
  const isAngle = useDeferredValue(useStore((s) => answerInSight(s.live)?.usesAngleUnit === true));
  const digits = useStore((s) => s.document.own?.digits ?? null);
  return <Tools {...props} isEmpty={isEmpty} isAngle={isAngle} digits={digits} />;
});

type ToolsProps = Props & Readonly<{ isEmpty: boolean; isAngle: boolean; digits: number | null }>;

const Tools = memo(function Tools({ onOpen, onDraw, isEmpty, isAngle, digits }: ToolsProps) {
  const { press } = useStore.getState();
  const tool = (name: string, sheet: OpenSheet) => (
    <Button isPlain isTight keepsFocus onPress={() => onOpen(sheet)}>
      {name}
    </Button>
  );
  return (
    <View role="group" aria-label={words.menu} flexDirection="row" alignItems="flex-start">
      <View flex={1} minWidth={0} flexDirection="row" flexWrap="wrap" alignItems="center">
        <Near />
        <Button isPlain isTight keepsFocus onPress={() => press(keys.keep.does)}>
          {words.keep}
        </Button>
        <Button isPlain isTight keepsFocus onPress={() => press(keys.recall.does)}>
          {words.recallTool}
        </Button>
        {isEmpty || onDraw === null ? null : (
          <Button isPlain isTight keepsFocus onPress={onDraw}>
            {curveWords.drawThis}
          </Button>
        )}
        {isEmpty ? null : (
          <>
            <WithHelp help="steps">
              {tool(words.stepsTool, { sheet: 'steps', of: 'now' })}
              {isAngle ? tool(words.angleTool, { sheet: 'angle', of: 'now' }) : null}
            </WithHelp>
            {tool(digits === null ? words.digitsTool : `${words.digitsTool} (${digits})`, { sheet: 'digits' })}
          </>
        )}
      </View>
      <Button isPlain isTight keepsFocus name={words.menu} onPress={() => onOpen({ sheet: 'menu' })}>
        <Words strong>⋯</Words>
      </Button>
    </View>
  );
});
