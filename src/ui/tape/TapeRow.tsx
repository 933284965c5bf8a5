import { View, styled } from '@tamagui/core';
import { memo } from 'react';
import type { TapeLine } from '@/core/notebook/schema';
import { tapeRowName, unitNames } from '@/text/labels';
import { Pressable } from '../control/Pressable';
import { Formula } from '../formula/Formula';
import { typeset } from '../formula/typeset';
import { FormValue, signOf } from '../line/ResultForms';
import { Words } from '../theme/text';
import { Margin } from './Margin';

const Row = styled(Pressable, {
  alignItems: 'stretch',
  justifyContent: 'flex-start',
  borderRadius: 0,
  minHeight: '$target',
  width: '100%',
  padding: 0,
  hoverStyle: { backgroundColor: '$card' },
  focusVisibleStyle: { outlineOffset: -3 },
});

type Props = Readonly<{ line: TapeLine; grouping: boolean; onOpen: (id: string) => void }>;

/** A finished line: its settings in the margin, the line, and the answer at the right edge (below it when both are long). */
export const TapeRow = memo(function TapeRow({ line, grouping, onOpen }: Props) {
  const form = line.forms.find((f) => f.id === line.chosen)!;
  const shown = { decimalSign: line.decimalSign, grouping };
  const markup = typeset(line.text, line, shown);
  const unit = line.usesAngleUnit ? line.angle : null;
  return (
    <Row
      className="tape-row"
      aria-label={tapeRowName(line.text, signOf(form), form.text, unit && unitNames[unit], line.kept)}
      onPress={() => onOpen(line.id)}
    >
      <Margin>{[unit, line.kept].filter((mark) => mark !== null).join(' ')}</Margin>
      <View
        flex={1}
        minWidth={0}
        flexDirection="row"
        flexWrap="wrap"
        alignItems="center"
        justifyContent="space-between"
        paddingHorizontal="$3"
        paddingVertical={6}
        columnGap="$3"
        rowGap={4}
      >
        <View className="scroll-x ink" maxWidth="100%">
          {markup === null ? <Words>{line.text}</Words> : <Formula markup={markup} size="tape" />}
        </View>
        <View marginLeft="auto" maxWidth="100%">
          <FormValue form={form} shown={shown} isChosen />
        </View>
      </View>
    </Row>
  );
});
