import { View, styled } from '@tamagui/core';
import { grouped } from '@/core/language/numerals';
import type { SavedForm, TapeLine } from '@/core/notebook/schema';
import { answerButtonName } from '@/text/labels';
import { Pressable } from '../control/Pressable';
import type { NumberLayout } from '../formula/typeset';
import { FormValue, signOf } from '../line/ResultForms';
import { Words } from '../theme/text';

type Step = NonNullable<TapeLine['addition']>;

const Part = styled(Pressable, {
  borderRadius: 0,
  paddingHorizontal: '$1',
  paddingVertical: 0,
  hoverStyle: { backgroundColor: '$card' },
  focusVisibleStyle: { outlineOffset: -3 },
});

/** A number of the list: whole part and decimals on either side of one point, so that the points stand below each other. */
function Term({ sign, term, shown }: Readonly<{ sign: string; term: string; shown: NumberLayout }>) {
  const isNumber = /^-?\d+(\.\d+)?$/.test(term);
  const [whole = '', decimals] = isNumber ? term.split('.') : [term.replaceAll('*', '×')];
  const text = (isNumber && shown.grouping ? grouped(whole) : whole).replace('-', '−');
  return (
    <View flexDirection="row" justifyContent="flex-end" alignItems="baseline">
      <Words width={20} tone="muted">
        {sign}
      </Words>
      <Words minWidth={80} textAlign="right" className="tabular">
        {text}
      </Words>
      <Words minWidth={58} textAlign="left" className="tabular">
        {decimals === undefined ? '' : shown.decimalSign + decimals}
      </Words>
    </View>
  );
}

type Props = Readonly<{
  step: Step;
  place: 'first' | 'middle' | 'last';
  form: SavedForm;
  shown: NumberLayout;
  /** Spoken name of the line so far. */
  name: string;
  onUseLine: () => void;
  onUseAnswer: () => void;
}>;

/**
 * A step of an adding list: the number added or taken away in the column of numbers, what it comes to so far small beside
 * it, and at the end the total below a rule.
 */
export function Addition({ step, place, form, shown, name, onUseLine, onUseAnswer }: Props) {
  const answer = answerButtonName(signOf(form), form.text);
  return (
    <View flex={1} minWidth={0} paddingHorizontal="$2">
      <View flexDirection="row" justifyContent="space-between" alignItems="flex-end">
        {place === 'last' ? (
          <View />
        ) : (
          <Part aria-label={answer} onPress={onUseAnswer}>
            <Words size="small" tone="muted" className="tabular">
              {form.text}
            </Words>
          </Part>
        )}
        <Part flexDirection="column" alignItems="flex-end" aria-label={name} onPress={onUseLine}>
          {place === 'first' ? <Term sign="" term={step.first} shown={shown} /> : null}
          <Term sign={step.sign} term={step.term} shown={shown} />
        </Part>
      </View>
      {place === 'last' ? (
        <Part
          alignSelf="flex-end"
          minWidth={166}
          minHeight="$target"
          justifyContent="flex-end"
          borderTopWidth={2}
          borderColor="$ink"
          aria-label={answer}
          onPress={onUseAnswer}
        >
          {form.id === 'decimal' || /^-?\d+$/.test(form.typed) ? (
            <Term sign={signOf(form)} term={form.typed} shown={shown} />
          ) : (
            <FormValue form={form} shown={shown} isChosen />
          )}
        </Part>
      ) : null}
    </View>
  );
}
