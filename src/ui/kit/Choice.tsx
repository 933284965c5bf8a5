import { View } from '@tamagui/core';
import { Example, Note } from '../control/Note';
import { Words } from '../theme/text';
import { Radios } from './Radios';

type Props<T extends string> = Readonly<{
  title: string;
  options: readonly Readonly<{ id: T; name: string }>[];
  chosen: T;
  onChoose: (id: T) => void;
  note?: string;
  /** What it makes of something, as it is set. */
  example?: string;
}>;

/** One of a few, with what it is about above it. */
export function Choice<T extends string>({ title, options, chosen, onChoose, note, example }: Props<T>) {
  return (
    <View gap="$1">
      <Words strong>{title}</Words>
      <Note note={note} />
      <Radios name={title} options={options} chosen={chosen} onChoose={onChoose} />
      <Example example={example} />
    </View>
  );
}
