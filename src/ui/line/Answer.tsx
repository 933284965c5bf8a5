import { View, styled } from '@tamagui/core';
import { memo } from 'react';
import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import { inOtherUnit, piWarning, readAsButton, words } from '@/text/labels';
import { Pressable, keepFocus } from '../control/Pressable';
import type { NumberLayout } from '../formula/typeset';
import { Words } from '../theme/text';
import { ResultForms } from './ResultForms';
import type { LineAnswerView } from './view';

const ReadAs = styled(Pressable, {
  justifyContent: 'flex-start',
  alignSelf: 'stretch',
  minHeight: '$target',
  padding: 0,
  hoverStyle: { backgroundColor: '$paper' },
});

type Props = Readonly<{
  answer: LineAnswerView;
  angle: AngleUnit;
  shown: NumberLayout;
  chosen: FormId | null;
  onChoose: (id: FormId) => void;
  /** Writes the brackets of the reading into the line. */
  onBracket: (typed: string) => void;
}>;

/** How the line was read and what it comes to. It stays as it is until the next answer has come. */
export const Answer = memo(function Answer({ answer, angle, shown, chosen, onChoose, onBracket }: Props) {
  const { readAs, forms, otherUnit, piWithoutRadians } = answer;
  return (
    <View gap={5}>
      {readAs.isAmbiguous ? (
        <ReadAs {...keepFocus} aria-label={readAsButton(readAs.text)} onPress={() => onBracket(readAs.typed)}>
          <View className="scroll-x" maxWidth="100%">
            <Words size="medium" tone="muted" whiteSpace="nowrap">
              {words.readAs} <Words size="medium">{readAs.text}</Words>
            </Words>
          </View>
        </ReadAs>
      ) : null}
      <ResultForms forms={forms} chosen={chosen} onChoose={onChoose} shown={shown} />
      {otherUnit === null ? null : (
        <Words size="medium" tone="muted">
          {inOtherUnit(otherUnit.unit, otherUnit.text, otherUnit.exact)}
        </Words>
      )}
      {piWithoutRadians.length === 0 ? null : (
        <Words size="medium" tone="accent">
          {piWarning(angle)}
        </Words>
      )}
    </View>
  );
});
