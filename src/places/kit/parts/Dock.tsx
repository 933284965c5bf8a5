import { View } from '@tamagui/core';
import { LineEditor } from '@/places/line-editor/LineEditor';
import { useStore } from '@/state/app-store';
import { kitWords } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Heading, Words } from '@/ui/theme/text';
import type { Slot, Writing } from './slots';

const ONE_DIGIT = /^-?\d$/;
const isOneDigit = (text: string): boolean => ONE_DIGIT.test(text);

type Props = Readonly<{
  slot: Slot;
  writing: Writing;
  hasDeck: boolean;
  deckInto?: HTMLElement | null;
  preview: string | null;
}>;

/** The slot at hand in the line editor: the key that answers keeps it and goes on, Tab goes across. */
export function Dock({ slot, writing, hasDeck, deckInto, preview }: Props) {
  const { first, write } = writing;
  const order = useStore((s) => s.settings.tableOrder);
  const isAcross = slot.isInTable === true && order === 'across';
  const keepAnd = (to: string | null) => (text: string) => {
    slot.keep(text);
    write(to);
  };
  return (
    <View
      role="region"
      aria-label={slot.name}
      backgroundColor="$card"
      borderTopWidth={2}
      borderColor="$accent"
      flexShrink={0}
    >
      <LineEditor
        id={slot.id}
        text={slot.text}
        first={first}
        isReplaced
        takesEmpty
        takesRelation={slot.isEquation === true}
        {...(slot.angle === undefined ? {} : { angle: slot.angle })}
        hasDeck={hasDeck}
        {...(deckInto === undefined ? {} : { deckInto })}
        isFolded={slot.isEquation !== true}
        {...(slot.isQuick === true ? { isEnough: isOneDigit } : {})}
        onDone={keepAnd(isAcross ? slot.after : slot.below)}
        onTab={keepAnd(slot.after)}
        onCancel={() => write(null)}
        onLeave={slot.keep}
        head={({ take }) => (
          <>
            {preview === null ? null : (
              <View
                role="status"
                className="scroll-x"
                paddingHorizontal="$3"
                paddingVertical={3}
                backgroundColor="$paper"
                borderBottomWidth={1}
                borderColor="$rule"
              >
                <Words tone="answer" whiteSpace="nowrap">
                  {preview}
                </Words>
              </View>
            )}
            <View flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3" paddingVertical={2}>
              <Heading role="heading" aria-level={2} flex={1} minWidth={0} numberOfLines={1} fontSize="$3">
                {slot.name}
              </Heading>
              {slot.isInTable !== true ? null : (
                <Button
                  isTight
                  keepsFocus
                  name={isAcross ? kitWords.enterAcross : kitWords.enterDown}
                  onPress={() => useStore.getState().set({ tableOrder: isAcross ? 'down' : 'across' })}
                >
                  {isAcross ? '⏎ →' : '⏎ ↓'}
                </Button>
              )}
              {slot.after === null ? null : (
                <Button isTight keepsFocus onPress={() => take(keepAnd(slot.after))}>
                  {kitWords.next}
                </Button>
              )}
              <Button isTight onPress={() => take(keepAnd(null))}>
                {kitWords.done}
              </Button>
            </View>
          </>
        )}
      />
    </View>
  );
}
