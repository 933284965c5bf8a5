import { View } from '@tamagui/core';
import { curveWords } from '@/text/curve-labels';
import { Button } from '@/ui/control/Button';
import { Heading } from '@/ui/theme/text';
import { LineEditor } from '@/places/line-editor/LineEditor';

type Props = Readonly<{
  title: string;
  /** Typed text with a point, to begin with. */
  text: string;
  onDone: (text: string) => void;
  onCancel: () => void;
}>;

/** A function of x to be written, over the place. */
export function FunctionEditor({ title, text, onDone, onCancel }: Props) {
  return (
    <View
      role="dialog"
      aria-modal
      aria-label={title}
      position="absolute"
      left={0}
      right={0}
      bottom={0}
      zIndex="$2"
      backgroundColor="$card"
      borderTopWidth={2}
      borderColor="$accent"
      maxHeight="100%"
      $wide={{ left: 'auto', width: '$deck', borderLeftWidth: 1 }}
    >
      <LineEditor
        id={title}
        text={text}
        takesNaming
        onDone={onDone}
        onCancel={onCancel}
        head={({ accept }) => (
          <View flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3" paddingVertical={2}>
            <Heading role="heading" aria-level={2} flex={1}>
              {title}
            </Heading>
            <Button onPress={onCancel}>{curveWords.cancel}</Button>
            <Button isPressed={false} onPress={accept}>
              {curveWords.draw}
            </Button>
          </View>
        )}
      />
    </View>
  );
}
