import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { cellSpoken } from '@/text/kit/kit';
import { Pressable } from '@/ui/control/Pressable';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { edged } from '@/ui/theme/look';
import { Words } from '@/ui/theme/text';
import type { Slot, Writing } from './slots';

type Props = Readonly<{
  slot: Slot;
  writing: Writing;
  /** What would stand there for nothing. */
  hint?: string;
  /** What is wrong with it. */
  note?: string | null;
  /** Its name stands before it, and not only in what is spoken. */
  isNamed?: boolean;
}>;

/** Where a long name leaves less than that beside it, the text stands below. */
const NARROWEST = 88;

/** A text that is written in the line editor: a tap begins. */
export function EntryRow({ slot, writing, hint = '', note = null, isNamed = true }: Props) {
  const display = useStore((s) => s.settings.display);
  const markup = slot.text === '' ? null : typeset(slot.text, CORE_SPELLING, display);
  const isOpen = writing.open === slot.id;
  return (
    <View flexDirection="column" gap={2} flexGrow={1} flexShrink={1} minWidth={0}>
      <View
        flexDirection="row"
        flexWrap="wrap"
        alignItems="center"
        columnGap="$2"
        {...(isOpen ? { 'data-writing': 'true' } : {})}
      >
        {isNamed ? (
          <Words strong aria-hidden whiteSpace="nowrap">
            {slot.name}
          </Words>
        ) : null}
        <Pressable
          aria-label={cellSpoken(slot.name, slot.text)}
          onPress={() => writing.write(slot.id)}
          {...edged}
          flex={1}
          minWidth={NARROWEST}
          justifyContent="flex-start"
          paddingHorizontal="$2"
          className="scroll-x"
          {...(isOpen ? { borderColor: '$accent', borderWidth: 2 } : note === null ? {} : { borderColor: '$accent' })}
        >
          {markup === null ? (
            <Words tone="muted">{slot.text === '' ? hint : slot.text}</Words>
          ) : (
            <View className="ink">
              <Formula markup={markup} size="tape" />
            </View>
          )}
        </Pressable>
      </View>
      {note === null ? null : (
        <Words role="alert" size="medium" tone="accent">
          {note}
        </Words>
      )}
    </View>
  );
}

/** The same among others, as many side by side as there is room for. */
export const EntryBeside = (props: Props) => (
  <View flexBasis={150} flexGrow={1} minWidth={0}>
    <EntryRow {...props} />
  </View>
);
