import { View, styled, useMedia } from '@tamagui/core';
import { memo } from 'react';
import type { AngleUnit } from '@/core/base/angle';
import type { FormId } from '@/core/format/form';
import { inOtherUnit, piWarning, readAsButton, words } from '@/text/labels';
import { Button } from '../control/Button';
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
  /** Writes the line as it is to be read: with the brackets of the reading, or with its unit. */
  onRewrite: (typed: string) => void;
}>;

/** How the line was read and what it comes to. It stays as it is until the next answer has come. */
export const Answer = memo(function Answer({ answer, angle, shown, chosen, onChoose, onRewrite }: Props) {
  const { readAs, forms, otherUnit, inRadians, isTooCold } = answer;
  // Where there is no height for all of it, the answer comes first.
  const { short } = useMedia();
  const reading = readAs.isAmbiguous ? (
    <ReadAs {...keepFocus} aria-label={readAsButton(readAs.text)} onPress={() => onRewrite(readAs.typed)}>
      <View className="scroll-x" maxWidth="100%">
        <Words size="medium" tone="muted" whiteSpace="nowrap">
          {words.readAs} <Words size="medium">{readAs.text}</Words>
        </Words>
      </View>
    </ReadAs>
  ) : null;
  return (
    <View gap={5}>
      {short ? null : reading}
      <ResultForms forms={forms} chosen={chosen} onChoose={onChoose} shown={shown} />
      {short ? reading : null}
      {otherUnit === null ? null : (
        <Words size="medium" tone="muted">
          {inOtherUnit(otherUnit.unit, otherUnit.text, otherUnit.exact)}
        </Words>
      )}
      {isTooCold ? (
        <Words size="medium" role="note">
          {words.tooCold}
        </Words>
      ) : null}
      {inRadians === null ? null : (
        <View flexDirection="row" flexWrap="wrap" alignItems="center" columnGap="$3">
          <Words size="medium" tone="accent">
            {piWarning(angle)}
          </Words>
          <Button keepsFocus onPress={() => onRewrite(inRadians)}>
            {words.writeRadians}
          </Button>
        </View>
      )}
    </View>
  );
});
