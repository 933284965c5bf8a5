import { styled } from '@tamagui/core';
import type { ReactNode } from 'react';
import { darkens, edged } from '../theme/look';
import { Words } from '../theme/text';
import { Pressable, keepFocus } from './Pressable';

const Frame = styled(Pressable, {
  paddingHorizontal: '$3',
  ...edged,
  ...darkens,
  variants: {
    plain: { true: { borderColor: 'transparent', backgroundColor: 'transparent' } },
    tight: { true: { paddingHorizontal: 7 } },
    quiet: { true: { borderColor: 'transparent', backgroundColor: 'transparent', paddingHorizontal: 7 } },
    main: {
      true: {
        backgroundColor: '$accent',
        borderColor: '$accent',
        hoverStyle: { backgroundColor: '$accentDown' },
        pressStyle: { backgroundColor: '$accentDown' },
      },
    },
    wide: { true: { justifyContent: 'flex-start', alignSelf: 'stretch' } },
  } as const,
});

type Props = Readonly<{
  children: ReactNode;
  onPress: () => void;
  /** Spoken name, where the words on it do not say enough. */
  name?: string;
  isPressed?: boolean;
  isPlain?: boolean;
  isWide?: boolean;
  isTight?: boolean;
  /** Only its words are seen, quietly: for what stands above a place all the time. */
  isQuiet?: boolean;
  /** The step that leads on, of several. */
  isMain?: boolean;
  /** It takes something away. */
  isDanger?: boolean;
  isDisabled?: boolean;
  /** Pressing leaves the focus where it is: for buttons beside the line. */
  keepsFocus?: boolean;
}>;

/** A button with words on it. */
export function Button({
  children,
  onPress,
  name,
  isPressed,
  isPlain = false,
  isWide = false,
  isTight = false,
  isQuiet = false,
  isMain = false,
  isDanger = false,
  isDisabled = false,
  keepsFocus = false,
}: Props) {
  return (
    <Frame
      {...(keepsFocus ? keepFocus : {})}
      onPress={onPress}
      plain={isPlain}
      wide={isWide}
      tight={isTight}
      quiet={isQuiet}
      main={isMain}
      disabled={isDisabled}
      opacity={isDisabled ? 0.55 : 1}
      {...(name === undefined ? {} : { 'aria-label': name })}
      {...(isPressed === undefined ? {} : { 'aria-pressed': isPressed })}
      {...(isPressed === true ? { borderColor: '$accent', borderWidth: 2 } : {})}
    >
      <Words
        size="medium"
        strong={isPressed === true || isMain}
        {...(isDanger ? { tone: 'accent' as const } : {})}
        {...(isMain ? { color: '$onAccent' as const } : {})}
      >
        {children}
      </Words>
    </Frame>
  );
}
