import type { DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { View, useTheme } from '@tamagui/core';
import Grip from 'lucide-react-native/icons/grip-vertical';
import type { ComponentType } from 'react';
import { Path, Svg } from 'react-native-svg';
import type { Problem } from '@/core/base/problem';
import type { DrawnFunction } from '@/core/notebook/curves';
import { useStore } from '@/state/app-store';
import { titleOf } from '@/text/column-labels';
import { curveWords, functionRow, switchName } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { carryName } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Carrying } from '@/ui/control/Carrying';
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

const GripIcon = Grip as ComponentType<{ size: number; color: string }>;

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
      <Words flex={1} {...(on ? {} : { tone: 'muted' as const })}>
        {title}
      </Words>
      <Button isTight isPlain name={`${curveWords.removePoints}: ${title}`} onPress={() => setPoints(null)}>
        {curveWords.removePoints}
      </Button>
      <Switch name={switchName(title)} isOn={on} onChange={(isOn) => setPoints({ ...shown, on: isOn })} />
    </View>
  );
}

/** A function: how it is drawn, what it is, a handle to carry it by, and whether it is switched on. */
function FunctionRow({
  of: { id, name, text, style: look, on },
  problem,
  canCarry,
  onOpen,
}: Readonly<{ of: DrawnFunction; problem: Problem | null; canCarry: boolean; onOpen: (id: string) => void }>) {
  const display = useStore((s) => s.settings.display);
  const { changeFunction } = useStore.getState();
  const theme = useTheme();
  const markup = typeset(text, CORE_SPELLING, display);
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  // A plain element: the interface kit's own keeps a movement that has ended.
  return (
    <div
      ref={setNodeRef}
      role="listitem"
      className={isDragging ? 'function-row grid-carried' : 'function-row'}
      style={{ transform: CSS.Translate.toString(transform), transition, zIndex: isDragging ? 1 : undefined }}
    >
      <View flex={1} minWidth={0}>
        <MarginRow
          name={functionRow(name, text, seriesStyle(look).name)}
          mark={<StyleSample look={look} isOn={on} />}
          ground="$paper"
          onOpen={() => onOpen(id)}
        >
          <View flex={1} minWidth={0} paddingHorizontal="$3" paddingVertical="$1" justifyContent="center">
            <View flexDirection="row" gap="$1" className={on ? 'scroll-x ink baseline' : 'scroll-x muted baseline'}>
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
      {canCarry ? (
        <button
          type="button"
          ref={setActivatorNodeRef}
          className="carry-handle"
          {...attributes}
          {...listeners}
          aria-label={carryName(name)}
        >
          <GripIcon size={18} color={theme.muted.get()} />
        </button>
      ) : null}
      <Switch name={switchName(name)} isOn={on} onChange={(isOn) => changeFunction(id, { on: isOn })} />
    </div>
  );
}

/** The functions, a ruled line each, in an order that can be changed. */
export function FunctionList({ functions, sheet, onOpen, onAdd }: Props) {
  const { clearFunctions, moveFunction } = useStore.getState();
  const ids = functions.map(({ id }) => id);
  const onEnd = ({ active, over }: DragEndEvent): void => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))];
    if (from >= 0 && to >= 0 && from !== to) moveFunction(String(active.id), to - from);
  };
  return (
    <View>
      <Carrying hasKeys onEnd={onEnd}>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <View role="list" aria-label={curveWords.functions}>
            {functions.map((one) => (
              <FunctionRow
                key={one.id}
                of={one}
                problem={sheet.curves.find((curve) => curve.id === one.id)?.problem ?? null}
                canCarry={functions.length > 1}
                onOpen={onOpen}
              />
            ))}
          </View>
        </SortableContext>
      </Carrying>
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
