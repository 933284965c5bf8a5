import { View } from '@tamagui/core';
import { useState } from 'react';
import type { FormId } from '@/core/format/form';
import { useStore } from '@/state/app-store';
import type { ShownValue } from '@/state/slices/columns/requests';
import { exactText } from '@/state/slices/bench/substitution';
import { columnWords } from '@/text/column-labels';
import type { FormulaText } from '@/text/statistic-labels';
import { Button } from '@/ui/control/Button';
import { Pressable } from '@/ui/control/Pressable';
import { ResultForms, signOf } from '@/ui/line/ResultForms';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from '@/places/bench/copying';
import { KeepTiles } from '@/places/shelf/KeepTiles';

/** A number with what it is called. */
export type Told = Readonly<{ name: string; note: string; shown: ShownValue; formula?: FormulaText | null }>;

/** The decimal form, behind its sign. */
export function shownText({ forms }: ShownValue): string {
  const form = forms.find(({ id }) => id === 'decimal') ?? forms[0];
  return form === undefined ? '' : `${signOf(form)} ${form.text}`;
}

/** Longer exact forms do not stand beside the decimal one. */
const LONGEST_BESIDE = 14;

/** A number that there is none of, and why. */
export function NoStatistic({ name, why }: Readonly<{ name: string; why: string }>) {
  return (
    <View flexDirection="row" minHeight={44} alignItems="center" paddingHorizontal="$3" gap="$2">
      <Words strong minWidth={76}>
        {name}
      </Words>
      <Words tone="muted" size="medium">
        {why}
      </Words>
    </View>
  );
}

type RowProps = Readonly<{
  name: string;
  note: string;
  shown: ShownValue | null;
  /** What it is worked from. */
  formula?: FormulaText | null;
  onOpen: (told: Told) => void;
}>;

/** A number of a summary: what it is called, its decimal form, and a short exact one beside it. Opens all its forms. */
export function StatisticRow({ name, note, shown, formula = null, onOpen }: RowProps) {
  if (shown === null) return <NoStatistic name={name} why={columnWords.noStatistic} />;
  const [first] = shown.forms;
  const text = shownText(shown);
  const exact =
    first !== undefined && first.exact && text.startsWith('≈') && first.text.length <= LONGEST_BESIDE
      ? `= ${first.text}`
      : '';
  const beside = exact === text ? '' : exact;
  return (
    <Pressable
      aria-label={`${name} ${text}${beside === '' ? '' : `, ${beside}`}`}
      onPress={() => onOpen({ name, note, shown, formula })}
      alignSelf="stretch"
      justifyContent="flex-start"
      paddingHorizontal="$3"
      gap="$2"
      borderRadius={0}
      borderBottomWidth={1}
      borderColor="$rule"
      hoverStyle={{ backgroundColor: '$card' }}
    >
      <View flexDirection="row" alignItems="baseline" gap="$2" minWidth={76} flexShrink={0}>
        <Words strong>{name}</Words>
        {note === '' ? null : (
          <Words size="small" tone="muted">
            {note}
          </Words>
        )}
      </View>
      <View
        flex={1}
        minWidth={0}
        flexDirection="row"
        flexWrap="wrap"
        justifyContent="flex-end"
        alignItems="baseline"
        columnGap="$3"
      >
        {beside === '' ? null : (
          <Words size="medium" tone="muted">
            {beside}
          </Words>
        )}
        <Words tone="answer" textAlign="right" className="tabular whole-number">
          {text}
        </Words>
      </View>
    </Pressable>
  );
}

/** A number in every form, to be copied or kept with all its digits. */
export function StatisticSheet({ told, onClose }: Readonly<{ told: Told; onClose: () => void }>) {
  const display = useStore((s) => s.settings.display);
  const [chosen, setChosen] = useState<FormId | null>(null);
  const { name, note, shown, formula } = told;
  const exact = exactText(shown.forms);
  const keep = (place: string): void => {
    // The colon tells that this is no expression to be worked.
    useStore.getState().keepAnswer(place, shown, `${columnWords.columns}: ${name}`);
    onClose();
  };
  return (
    <Panel title={note === '' ? name : `${name}: ${note}`} onClose={onClose}>
      {formula == null ? null : (
        <View gap="$1" role="group" aria-label={columnWords.formula}>
          <Words>{`${name} = ${formula.formula}`}</Words>
          <Words tone="muted">{`${columnWords.putIn}: ${formula.filled} ${shownText(shown)}`}</Words>
        </View>
      )}
      <ResultForms
        forms={shown.forms}
        chosen={chosen ?? shown.forms[0]?.id ?? null}
        onChoose={setChosen}
        shown={display}
      />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button onPress={() => void copy(shown.full)}>{columnWords.copyDigits}</Button>
        {exact === null ? null : <Button onPress={() => void copy(exact)}>{columnWords.copyExact}</Button>}
      </View>
      {shown.saved === null ? null : <KeepTiles title={columnWords.keepIn} onKeep={keep} />}
    </Panel>
  );
}
