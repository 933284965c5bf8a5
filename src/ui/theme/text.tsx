import { Text, styled } from '@tamagui/core';

/** Text in the interface's face. */
export const Words = styled(Text, {
  fontFamily: '$body',
  fontSize: '$3',
  lineHeight: '$3',
  color: '$ink',
  variants: {
    tone: { muted: { color: '$muted' }, answer: { color: '$answer' }, accent: { color: '$accent' } },
    size: {
      small: { fontSize: '$1', lineHeight: '$1' },
      medium: { fontSize: '$2', lineHeight: '$2' },
      large: { fontSize: '$4', lineHeight: '$4' },
    },
    strong: { true: { fontWeight: '$7' } },
  } as const,
});

export const Heading = styled(Words, { fontWeight: '$7', fontSize: '$4', lineHeight: '$4' });
