import type { KeyboardEvent } from 'react';
import type { KeyAction } from '@/keys/catalogue';
import { actionOfStroke, strokeOf } from '@/keys/shortcuts';

export const LINE_INPUT_ID = 'line';

/** Gives the line the focus when nothing else has it, such as an open panel. */
export function focusIfFree(node: HTMLElement | null): void {
  if (document.activeElement === null || document.activeElement === document.body) node?.focus();
}

/** Sends what a stroke does in the line; what does nothing there is left to the browser. */
export function lineStroke(
  event: KeyboardEvent<HTMLInputElement>,
  onPress: (action: KeyAction) => void,
  onTab: (() => void) | null,
): void {
  if (event.key === 'Tab' && !event.shiftKey && onTab !== null) {
    event.preventDefault();
    onTab();
    return;
  }
  const action = actionOfStroke(strokeOf(event));
  if (action === null) return;
  event.preventDefault();
  onPress(action);
}
