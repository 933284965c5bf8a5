import { View, styled } from '@tamagui/core';
import { ringAround } from '../theme/look';

/** A button without a look of its own: at least as large as a finger, with a ring when the keyboard is on it. */
export const Pressable = styled(View, {
  render: 'button',
  role: 'button',
  minHeight: '$target',
  minWidth: '$target',
  alignItems: 'center',
  justifyContent: 'center',
  flexDirection: 'row',
  borderRadius: '$2',
  borderWidth: 0,
  backgroundColor: 'transparent',
  cursor: 'pointer',
  ...ringAround,
});

/** Pressing leaves the focus where it is, so that the line keeps its caret. */
export const keepFocus = {
  onMouseDown: (event: { type: string; preventDefault: () => void }) => {
    // The interface kit sends touches here too, whose listeners may not prevent anything.
    if (event.type === 'mousedown') event.preventDefault();
  },
};
