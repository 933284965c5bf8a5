import { View } from '@tamagui/core';
import { Words } from '../theme/text';
import { Example, Note } from './Note';
import { Pressable } from './Pressable';

type Props = Readonly<{
  title: string;
  note?: string;
  /** What it makes of something, as it is set. */
  example?: string;
  isOn: boolean;
  onChange: (isOn: boolean) => void;
}>;

/** The picture of a switch. */
export function Knob({ isOn }: Readonly<{ isOn: boolean }>) {
  return (
    <View
      width={46}
      height={26}
      borderRadius={13}
      padding={3}
      backgroundColor={isOn ? '$accent' : '$muted'}
      alignItems={isOn ? 'flex-end' : 'flex-start'}
    >
      <View width={20} height={20} borderRadius={10} backgroundColor="$card" />
    </View>
  );
}

/** On or off, with what it does beside it. */
export function Toggle({ title, note, example, isOn, onChange }: Props) {
  return (
    <Pressable
      role="switch"
      aria-checked={isOn}
      aria-label={title}
      onPress={() => onChange(!isOn)}
      justifyContent="space-between"
      alignSelf="stretch"
      paddingHorizontal={0}
      gap="$3"
    >
      <View flex={1} alignItems="flex-start">
        <Words strong>{title}</Words>
        <Note note={note} />
        <Example example={example} />
      </View>
      <Knob isOn={isOn} />
    </Pressable>
  );
}
