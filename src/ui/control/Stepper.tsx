import { View } from '@tamagui/core';
import { useState } from 'react';
import { boundsText } from '@/text/labels';
import { TextInput } from '../kit/Field';
import { Words } from '../theme/text';
import { Button } from './Button';

type Props = Readonly<{
  title: string;
  value: number;
  least: number;
  most: number;
  names: Readonly<{ fewer: string; more: string }>;
  onChange: (value: number) => void;
}>;

/** A small whole number: written, or one up or one down. What is written counts as soon as it is in its bounds. */
export function Stepper({ title, value, least, most, names, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const write = (text: string) => {
    const digits = text.replace(/\D/g, '').slice(0, 3);
    setDraft(digits);
    const next = Number(digits);
    if (digits !== '' && next >= least && next <= most) onChange(next);
  };
  const step = (by: number) => {
    setDraft(null);
    onChange(value + by);
  };
  const isOut = draft !== null && draft !== '' && (Number(draft) < least || Number(draft) > most);
  return (
    <View role="group" aria-label={title} gap="$1">
      <View flexDirection="row" alignItems="center" justifyContent="space-between">
        <Words strong>{title}</Words>
        <View flexDirection="row" alignItems="center" gap="$2">
          <Button name={names.fewer} isDisabled={value <= least} onPress={() => step(-1)}>
            −
          </Button>
          <TextInput
            width={56}
            textAlign="center"
            inputMode="numeric"
            autoComplete="off"
            aria-label={title}
            aria-invalid={isOut}
            value={draft ?? String(value)}
            onChangeText={write}
            onFocus={(event: { currentTarget: unknown }) => (event.currentTarget as HTMLInputElement).select()}
            onBlur={() => setDraft(null)}
          />
          <Button name={names.more} isDisabled={value >= most} onPress={() => step(1)}>
            +
          </Button>
        </View>
      </View>
      {isOut ? (
        <Words role="alert" size="medium" tone="accent" textAlign="right">
          {boundsText(least, most)}
        </Words>
      ) : null}
    </View>
  );
}
