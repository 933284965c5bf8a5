import { View } from '@tamagui/core';
import { curveWords } from '@/text/curve-labels';
import { Button } from '@/ui/control/Button';
import { Editor } from '@/ui/kit/Editor';
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
    <Editor title={title} onClose={onCancel}>
      <LineEditor
        id={title}
        text={text}
        takesRelation
        onDone={onDone}
        onCancel={onCancel}
        head={({ accept }) => (
          <View flexDirection="row" alignItems="center" gap="$2" paddingHorizontal="$3" paddingVertical={2}>
            <Editor.Title>{title}</Editor.Title>
            <Button onPress={onCancel}>{curveWords.cancel}</Button>
            <Button isPressed={false} onPress={accept}>
              {curveWords.draw}
            </Button>
          </View>
        )}
      />
    </Editor>
  );
}
