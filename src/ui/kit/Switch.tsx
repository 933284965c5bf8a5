import { View, styled } from '@tamagui/core';
import { Switch as KitSwitch } from '@tamagui/switch';
import { useId } from 'react';
import { Example, Note } from '../control/Note';
import { TARGET } from '../theme/config';
import { ringAround } from '../theme/look';
import { Words } from '../theme/text';

const Frame = styled(KitSwitch, {
  position: 'relative',
  flexDirection: 'column',
  unstyled: true,
  width: 52,
  height: TARGET,
  paddingHorizontal: 5,
  justifyContent: 'center',
  borderWidth: 0,
  borderRadius: '$2',
  backgroundColor: 'transparent',
  cursor: 'pointer',
  ...ringAround,
});

const Track = styled(View, {
  position: 'absolute',
  top: 9,
  bottom: 9,
  left: 2,
  right: 2,
  borderRadius: 13,
  borderWidth: 2,
  variants: {
    on: {
      true: { backgroundColor: '$accent', borderColor: '$accent' },
      false: { backgroundColor: 'transparent', borderColor: '$muted' },
    },
  } as const,
});

type Props = Readonly<{ name: string; isOn: boolean; onChange: (isOn: boolean) => void; id?: string }>;

/** A switch beside what it switches; its name is only spoken. */
export function Switch({ name, isOn, onChange, id }: Props) {
  return (
    <Frame checked={isOn} onCheckedChange={onChange} aria-label={name} {...(id === undefined ? {} : { id })}>
      <Track on={isOn} />
      <KitSwitch.Thumb
        unstyled
        marginTop={12}
        width={20}
        height={20}
        borderRadius={10}
        backgroundColor={isOn ? '$card' : '$muted'}
      />
    </Frame>
  );
}

type ToggleProps = Readonly<{
  title: string;
  note?: string;
  /** What it makes of something, as it is set. */
  example?: string;
  isOn: boolean;
  onChange: (isOn: boolean) => void;
}>;

/** On or off, with what it does beside it; a tap on the words does it too. */
export function Toggle({ title, note, example, isOn, onChange }: ToggleProps) {
  const id = useId();
  return (
    <View flexDirection="row" alignItems="center" justifyContent="space-between" gap="$3">
      <View render="label" {...{ htmlFor: id }} flex={1} alignItems="flex-start" cursor="pointer">
        <Words strong>{title}</Words>
        <Note note={note} />
        <Example example={example} />
      </View>
      <Switch id={id} name={title} isOn={isOn} onChange={onChange} />
    </View>
  );
}
