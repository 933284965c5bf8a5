import { Pressable } from './Pressable';
import { Knob } from './Toggle';

type Props = Readonly<{ name: string; isOn: boolean; onChange: (isOn: boolean) => void }>;

/** A switch beside what it switches; its name is only spoken. */
export function Switch({ name, isOn, onChange }: Props) {
  return (
    <Pressable
      role="switch"
      aria-checked={isOn}
      aria-label={name}
      onPress={() => onChange(!isOn)}
      paddingHorizontal="$2"
    >
      <Knob isOn={isOn} />
    </Pressable>
  );
}
