import { createFont, createTamagui, createTokens } from '@tamagui/core';
import { palettes } from './palette';

const space = { true: 8, 0: 0, 1: 4, 2: 8, 3: 12, 4: 16, 5: 20, 6: 24, 8: 32 } as const;
/** Shortest side of anything that is touched. */
export const TARGET = 44;
/** From this width on, the deck stands beside the tape and places stand in a rail. */
export const WIDE = 900;
/** Up to this height a page that is not narrow is laid out as a turned phone. */
const FLAT = 520;

const tokens = createTokens({
  space,
  size: { ...space, true: TARGET, target: TARGET, rail: 88, gutter: 44, deck: 430 },
  radius: { true: 6, 0: 0, 1: 3, 2: 6, 3: 10 },
  zIndex: { true: 0, 0: 0, 1: 10, 2: 20 },
});

const family = 'Atkinson, UlkavMath, system-ui, sans-serif';
const body = createFont({
  family,
  size: { true: 15, 1: 12, 2: 13, 3: 15, 4: 17, 5: 20, 6: 26 },
  lineHeight: { true: 20, 1: 16, 2: 18, 3: 20, 4: 22, 5: 26, 6: 32 },
  weight: { true: '400', 4: '400', 6: '600', 7: '700' },
});

export const config = createTamagui({
  tokens,
  fonts: { body },
  themes: palettes,
  media: {
    wide: { minWidth: WIDE },
    flat: { minWidth: 640, maxHeight: FLAT },
    /** A small phone turned. */
    smallFlat: { maxWidth: 730, maxHeight: FLAT },
    /** Too low for a line, an answer and the keys at once. */
    low: { maxHeight: 555 },
    short: { maxHeight: 620 },
    /** High enough for two rows of drawers. */
    high: { minHeight: 700 },
    narrow: { maxWidth: 359 },
  },
  settings: { defaultFont: 'body', styleCompat: 'react-native' },
});

type Config = typeof config;

declare module '@tamagui/core' {
  // The kit takes the types of tokens and themes from this interface.
  // oxlint-disable-next-line typescript/no-empty-object-type
  interface TamaguiCustomConfig extends Config {}
}
