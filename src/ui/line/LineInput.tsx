import { createElement, useLayoutEffect, useRef } from 'react';
import type { ClipboardEvent, KeyboardEvent } from 'react';
import type { Line } from '@/core/line/line';
import type { KeyAction } from '@/keys/catalogue';
import { words } from '@/text/labels';

type Props = Readonly<{
  line: Line;
  onRetype: (text: string, caret: number, anchor: number) => void;
  onPaste: (text: string) => void;
  onPress: (action: KeyAction) => void;
  /** Names the problem for a screen reader. */
  describedBy: string | undefined;
  isWrong: boolean;
}>;

export const LINE_INPUT_ID = 'line';

/** What a physical key does besides typing its sign. */
function actionOf(event: KeyboardEvent<HTMLInputElement>, text: string): KeyAction | null {
  const withControl = event.ctrlKey || event.metaKey;
  if (withControl && event.key.toLowerCase() === 'z') return { type: event.shiftKey ? 'redo' : 'undo' };
  if (withControl && event.key.toLowerCase() === 'y') return { type: 'redo' };
  if (withControl || event.altKey) return null;
  switch (event.key) {
    case 'Enter':
      return { type: 'answer' };
    case '=': {
      const before = text[(event.currentTarget.selectionStart ?? 0) - 1];
      return before === ':' ? null : { type: 'answer' };
    }
    case 'Escape':
      return { type: 'edit', command: 'clear' };
    case 'Backspace':
      return { type: 'edit', command: 'deleteLeft' };
    case 'Delete':
      return { type: 'edit', command: 'deleteRight' };
    case 'ArrowLeft':
      return event.shiftKey ? null : { type: 'edit', command: 'moveLeft' };
    case 'ArrowRight':
      return event.shiftKey ? null : { type: 'edit', command: 'moveRight' };
    default:
      return null;
  }
}

/**
 * The line in its linear form, where the caret lives. The device's own keyboard stays away (the deck is the keyboard of
 * a phone); a physical one types here.
 */
export function LineInput({ line, onRetype, onPaste, onPress, describedBy, isWrong }: Props) {
  const input = useRef<HTMLInputElement | null>(null);
  const { text, caret, anchor } = line;
  useLayoutEffect(() => {
    const node = input.current;
    if (node === null) return;
    const [from, to] = [Math.min(caret, anchor), Math.max(caret, anchor)];
    if (node.selectionStart !== from || node.selectionEnd !== to) node.setSelectionRange(from, to);
    if (caret === text.length) node.scrollLeft = node.scrollWidth;
  }, [text, caret, anchor]);

  const sync = () => {
    const node = input.current;
    if (node === null || node.value !== text) return;
    const [from, to] = [node.selectionStart ?? 0, node.selectionEnd ?? 0];
    const isSame = from === Math.min(caret, anchor) && to === Math.max(caret, anchor);
    if (!isSame) onRetype(text, to, from);
  };

  return createElement('input', {
    ref: input,
    id: LINE_INPUT_ID,
    className: 'line-input',
    'aria-label': words.line,
    'aria-invalid': isWrong,
    'aria-describedby': describedBy,
    placeholder: words.linePlaceholder,
    inputMode: 'none',
    autoComplete: 'off',
    autoCorrect: 'off',
    autoCapitalize: 'off',
    spellCheck: false,
    autoFocus: true,
    value: text,
    onChange: (event: { currentTarget: HTMLInputElement }) => {
      const node = event.currentTarget;
      const at = node.selectionStart ?? node.value.length;
      onRetype(node.value, at, at);
    },
    onSelect: sync,
    onPaste: (event: ClipboardEvent) => {
      event.preventDefault();
      onPaste(event.clipboardData.getData('text/plain'));
    },
    onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => {
      const action = actionOf(event, text);
      if (action === null) return;
      event.preventDefault();
      onPress(action);
    },
  });
}
