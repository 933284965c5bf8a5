import { View, styled } from '@tamagui/core';
import { memo } from 'react';
import type { FormId } from '@/core/format/form';
import type { SavedForm } from '@/core/notebook/schema';
import { formNames, words } from '@/text/labels';
import { Pressable, keepFocus } from '../control/Pressable';
import { Formula } from '../formula/Formula';
import { CORE_SPELLING, typeset } from '../formula/typeset';
import type { Shown } from '../formula/typeset';
import { Words } from '../theme/text';

const Chip = styled(Pressable, {
  flexDirection: 'column',
  justifyContent: 'flex-end',
  paddingHorizontal: '$2',
  paddingTop: 2,
  borderRadius: 0,
  borderBottomWidth: 3,
  borderColor: 'transparent',
  maxWidth: '100%',
  hoverStyle: { borderColor: '$rule' },
  variants: { chosen: { true: { borderColor: '$answer', hoverStyle: { borderColor: '$answer' } } } } as const,
});

/** A form of a result as a formula, with the sign that says whether anything was rounded. */
export const FormValue = memo(function FormValue({
  form,
  shown,
  size,
}: Readonly<{ form: SavedForm; shown: Shown; size: 'line' | 'tape' }>) {
  // A long whole number is wrapped as text, since a formula has no place to break.
  if (/^-?\d{22,}$/.test(form.typed))
    return (
      <Words className="long-number" fontSize={17}>
        {form.text}
      </Words>
    );
  const markup = typeset(form.typed, CORE_SPELLING, shown);
  return markup === null ? <Words>{form.text}</Words> : <Formula markup={markup} size={size} />;
});

export const signOf = (form: SavedForm): '=' | '≈' => (form.exact ? '=' : '≈');

type Props = Readonly<{
  forms: readonly SavedForm[];
  chosen: FormId | null;
  onChoose: (id: FormId) => void;
  shown: Shown;
  isOld?: boolean;
}>;

/** Every form that a result has, side by side, to tap. */
export const ResultForms = memo(function ResultForms({ forms, chosen, onChoose, shown, isOld = false }: Props) {
  const current = forms.find((f) => f.id === chosen) ?? forms[0]!;
  return (
    <View
      role="group"
      aria-label={words.forms}
      flexDirection="row"
      flexWrap="wrap"
      alignItems="flex-end"
      columnGap="$2"
      rowGap="$1"
      opacity={isOld ? 0.6 : 1}
    >
      {forms.map((form) => {
        const isCurrent = form === current;
        return (
          <Chip
            key={form.id}
            {...keepFocus}
            chosen={isCurrent}
            aria-pressed={isCurrent}
            aria-label={`${signOf(form)} ${form.text}, ${formNames[form.id]}${form.settled ? '' : `, ${words.notSettled}`}`}
            onPress={() => onChoose(form.id)}
          >
            <View
              flexDirection="row"
              alignItems="center"
              gap={5}
              maxWidth="100%"
              className={isCurrent ? 'ink-answer' : 'ink'}
            >
              <Words fontSize={19} tone={isCurrent ? 'answer' : 'muted'}>
                {signOf(form)}
              </Words>
              <View className="scroll-x" maxWidth="100%">
                <FormValue form={form} shown={shown} size="tape" />
              </View>
            </View>
            <Words size="small" tone="muted">
              {form.settled ? formNames[form.id] : `${formNames[form.id]} · ${words.notSettled}`}
            </Words>
          </Chip>
        );
      })}
    </View>
  );
});
