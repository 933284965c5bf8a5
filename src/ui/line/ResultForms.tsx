import { itemAt } from '@/core/base/item';
import { View, styled } from '@tamagui/core';
import { memo } from 'react';
import type { FormId } from '@/core/format/form';
import type { SavedForm } from '@/core/notebook/schema';
import { formNames, words } from '@/text/labels';
import { Pressable, keepFocus } from '../control/Pressable';
import { Formula } from '../formula/Formula';
import { CORE_SPELLING, typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
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

/** A solution follows from its line rather than being equal to it. */
export const signOf = ({ id, exact }: SavedForm): '=' | '≈' | '→' => (!exact ? '≈' : id === 'solution' ? '→' : '=');

/** A long whole number is wrapped as text, since a formula has no place to break. */
const isLong = (typed: string): boolean => /^-?\d{22,}$/.test(typed);

/** Forms that no formula shows: words, and an angle behind its own sign. */
const AS_TEXT: ReadonlySet<FormId> = new Set(['truth', 'polar', 'remainder']);

const JOINT = / (or|and) /;

type DigitsProps = Readonly<{ form: SavedForm; shown: NumberLayout; isLarge: boolean }>;

/** Several solutions, each whole on its line: what is cut off at the edge of a phone looks like a shorter number. */
const Solutions = ({ form, ...look }: DigitsProps) => (
  <div className="form-solutions">
    {form.typed.split(JOINT).map((part, i, parts) =>
      i % 2 === 1 ? null : (
        <div key={i} className="form-solution">
          <Digits form={{ ...form, typed: part, text: part }} {...look} />
          {parts[i + 1] === undefined ? null : <Words size="large">{parts[i + 1]}</Words>}
        </div>
      ),
    )}
  </div>
);

function Digits({ form, shown, isLarge }: DigitsProps) {
  if (form.id === 'solution' && JOINT.test(form.typed))
    return <Solutions form={form} shown={shown} isLarge={isLarge} />;
  const markup = isLong(form.typed) || AS_TEXT.has(form.id) ? null : typeset(form.typed, CORE_SPELLING, shown);
  if (markup !== null) return <Formula markup={markup} size={isLarge ? 'line' : 'tape'} />;
  if (AS_TEXT.has(form.id)) return <Words size="large">{form.text}</Words>;
  return (
    <Words className="long-number" size="large">
      {form.text}
    </Words>
  );
}

/** A form of a result as a formula, behind the sign that says whether anything was rounded. */
export const FormValue = memo(function FormValue({
  form,
  shown,
  isChosen,
  isLarge = false,
}: Readonly<{ form: SavedForm; shown: NumberLayout; isChosen: boolean; isLarge?: boolean }>) {
  return (
    // Plain elements: some ten of these come with every answer (measured: a fifth of what `=` draws).
    <div className={`form-value ${isChosen ? 'ink-answer' : 'ink'}`}>
      <span className="form-sign">{signOf(form)}</span>
      <div className="form-digits scroll-x">
        <Digits form={form} shown={shown} isLarge={isLarge} />
      </div>
    </div>
  );
});

type Props = Readonly<{
  forms: readonly SavedForm[];
  chosen: FormId | null;
  onChoose: (id: FormId) => void;
  shown: NumberLayout;
  /** Set against the right edge. */
  isEndwards?: boolean;
}>;

/** Every form that a result has, side by side, to tap. */
export const ResultForms = memo(function ResultForms({ forms, chosen, onChoose, shown, isEndwards = false }: Props) {
  const current = forms.find((f) => f.id === chosen) ?? itemAt(forms, 0);
  return (
    <View
      role="group"
      aria-label={words.forms}
      flexDirection="row"
      flexWrap="wrap"
      justifyContent={isEndwards ? 'flex-end' : 'flex-start'}
      alignItems="flex-end"
      columnGap="$2"
      rowGap="$1"
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
            <FormValue form={form} shown={shown} isChosen={isCurrent} />
            <Words size="small" tone="muted">
              {form.settled ? formNames[form.id] : `${formNames[form.id]} · ${words.notSettled}`}
            </Words>
          </Chip>
        );
      })}
    </View>
  );
});
