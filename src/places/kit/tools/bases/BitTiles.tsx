import { View } from '@tamagui/core';
import { bitSpoken, baseWords } from '@/text/kit/bases';
import { Pressable } from '@/ui/control/Pressable';
import { darkens, edged } from '@/ui/theme/look';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{ pattern: bigint; bits: number; onTurn: (at: number) => void }>;

/** The bits of a word as tiles to tap, in fours, each with its number. */
export function BitTiles({ pattern, bits, onTurn }: Props) {
  const fours = Array.from({ length: bits / 4 }, (_, i) => bits - 4 * i - 1);
  return (
    <View role="group" aria-label={baseWords.bits} flexDirection="row" flexWrap="wrap" columnGap={6} rowGap="$1">
      {fours.map((high) => (
        <View key={high} flexDirection="row" gap={1}>
          {[0, 1, 2, 3].map((k) => {
            const at = high - k;
            const isOn = ((pattern >> BigInt(at)) & 1n) === 1n;
            return (
              <Pressable
                key={at}
                aria-label={bitSpoken(at, isOn)}
                aria-pressed={isOn}
                onPress={() => onTurn(at)}
                width="$target"
                minWidth="$target"
                flexDirection="column"
                paddingVertical={2}
                {...edged}
                {...darkens}
                {...(isOn ? { borderColor: '$accent', backgroundColor: '$card' } : {})}
              >
                <Words strong={isOn} fontSize="$5" tone={isOn ? 'accent' : 'muted'}>
                  {isOn ? '1' : '0'}
                </Words>
                <Words size="small" tone="muted">
                  {at}
                </Words>
              </Pressable>
            );
          })}
        </View>
      ))}
    </View>
  );
}
