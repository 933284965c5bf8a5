import { View } from '@tamagui/core';
import { useEffect, useRef, useState } from 'react';
import { digitsOf, worthOf } from '@/core/radix/digits';
import { baseWords, editIn } from '@/text/kit/bases';
import { kitWords } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { Pressable, keepFocus } from '@/ui/control/Pressable';
import { darkens, edged, ringWithin } from '@/ui/theme/look';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  base: number;
  digits: string;
  onChange: (digits: string) => void;
  onDone: () => void;
}>;

/** More digits than any word has, with room for a fraction. */
const MOST = 130;
const COLUMNS = 8;

/** Keys for the digits of one base, and no others. A physical keyboard writes the same digits. */
export function DigitPad({ base, digits, onChange, onDone }: Props) {
  const [draft, setDraft] = useState(digits);
  const frame = useRef<HTMLElement | null>(null);
  useEffect(() => frame.current?.focus(), [base]);
  const put = (next: string): void => {
    if (next.length > MOST) return;
    setDraft(next);
    onChange(next);
  };
  const strokes: Readonly<Record<string, () => void>> = {
    '.': () => (draft.includes('.') ? undefined : put(`${draft === '' ? '0' : draft}.`)),
    '-': () => put(draft.startsWith('-') ? draft.slice(1) : `-${draft}`),
    Backspace: () => put(draft.slice(0, -1)),
    Delete: () => put(''),
    Enter: onDone,
    Escape: onDone,
  };
  const key = (face: string, does: () => void, name = face) => (
    <Pressable
      key={name}
      aria-label={name}
      {...keepFocus}
      {...edged}
      {...darkens}
      onPress={does}
      width={`${100 / COLUMNS - 0.8}%`}
      minWidth={0}
      flexGrow={1}
    >
      <Words fontSize="$5">{face}</Words>
    </Pressable>
  );
  return (
    <View
      ref={frame as never}
      role="region"
      aria-label={editIn(base)}
      tabIndex={0}
      {...ringWithin}
      backgroundColor="$card"
      borderTopWidth={2}
      borderColor="$accent"
      padding="$2"
      gap="$2"
      flexShrink={0}
      onKeyDown={(event: {
        key: string;
        ctrlKey: boolean;
        metaKey: boolean;
        target: unknown;
        currentTarget: unknown;
        preventDefault: () => void;
      }) => {
        if (event.ctrlKey || event.metaKey || event.target !== event.currentTarget) return;
        const isDigit = event.key.length === 1 && worthOf(event.key) < base;
        const does = isDigit ? () => put(draft + event.key.toUpperCase()) : strokes[event.key.replace(',', '.')];
        if (does === undefined) return;
        event.preventDefault();
        does();
      }}
    >
      <View flexDirection="row" alignItems="center" gap="$2">
        <View flex={1} minWidth={0} className="scroll-x" role="status">
          <Words whiteSpace="nowrap">
            {`${editIn(base)}: ${draft.replace('-', '−')}`}
            <Words tone="accent">|</Words>
          </Words>
        </View>
        <Button isTight onPress={onDone}>
          {kitWords.done}
        </Button>
      </View>
      <View flexDirection="row" flexWrap="wrap" gap={3}>
        {Array.from({ length: base }, (_, i) => digitsOf(BigInt(i), base)).map((digit) =>
          key(digit, () => put(draft + digit)),
        )}
        {key('.', () => strokes['.']?.(), baseWords.point)}
        {key('±', () => strokes['-']?.(), baseWords.sign)}
        {key('⌫', () => strokes['Backspace']?.(), baseWords.back)}
        {key(baseWords.clear, () => strokes['Delete']?.(), baseWords.clear)}
      </View>
    </View>
  );
}
