import { View } from '@tamagui/core';
import { Words } from '../theme/text';
import { Button } from './Button';
import { Example, Note } from './Note';

type Props<T extends string> = Readonly<{
  title: string;
  options: readonly Readonly<{ id: T; name: string }>[];
  chosen: T;
  onChoose: (id: T) => void;
  note?: string;
  /** What it makes of something, as it is set. */
  example?: string;
}>;

/** One of a few, side by side. */
export function Choice<T extends string>({ title, options, chosen, onChoose, note, example }: Props<T>) {
  return (
    <View role="group" aria-label={title} gap="$1">
      <Words strong>{title}</Words>
      <Note note={note} />
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {options.map(({ id, name }) => (
          <Button key={id} onPress={() => onChoose(id)} isPressed={id === chosen}>
            {name}
          </Button>
        ))}
      </View>
      <Example example={example} />
    </View>
  );
}
