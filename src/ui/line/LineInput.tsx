import { createElement, useLayoutEffect, useRef } from 'react';
import type { ClipboardEvent, KeyboardEvent } from 'react';
import type { TypedLine } from '@/core/line/typed-line';
import type { KeyAction } from '@/keys/catalogue';
import { words } from '@/text/labels';
import { LINE_INPUT_ID, focusIfFree, lineStroke } from './stroke';

type Props = Readonly<{
  line: TypedLine;
  onRetype: (text: string, caret: number, anchor: number) => void;
  onPaste: (text: string, html: string) => void;
  onPress: (action: KeyAction) => void;
  onTab: (() => void) | null;
  /** Names the problem for a screen reader. */
  describedBy: string | undefined;
  isWrong: boolean;
}>;

/**
 * The line in its linear form, where the caret lives. The device's own keyboard stays away (the deck is the keyboard of
 * a phone); a physical one types here.
 */
export function LineInput({ line, onRetype, onPaste, onPress, onTab, describedBy, isWrong }: Props) {
  const input = useRef<HTMLInputElement | null>(null);
  const latest = useRef(line);
  const isByPointer = useRef(false);
  const isArriving = useRef(false);
  const { text, caret, anchor } = line;
  useLayoutEffect(() => {
    latest.current = line;
    const node = input.current;
    if (node === null) return;
    const [from, to] = [Math.min(caret, anchor), Math.max(caret, anchor)];
    if (node.selectionStart !== from || node.selectionEnd !== to) node.setSelectionRange(from, to);
    if (caret === text.length) node.scrollLeft = node.scrollWidth;
  }, [line, text, caret, anchor]);

  useLayoutEffect(() => focusIfFree(input.current), []);

  const sync = () => {
    const node = input.current;
    if (node === null || node.value !== text || isArriving.current) return;
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
    value: text,
    onChange: (event: { currentTarget: HTMLInputElement }) => {
      const node = event.currentTarget;
      const at = node.selectionStart ?? node.value.length;
      onRetype(node.value, at, at);
    },
    onSelect: sync,
    onPaste: (event: ClipboardEvent) => {
      event.preventDefault();
      onPaste(event.clipboardData.getData('text/plain'), event.clipboardData.getData('text/html'));
    },
    onPointerDown: () => {
      isByPointer.current = true;
    },
    onPointerUp: () => {
      isByPointer.current = false;
    },
    // A browser selects all when Tab brings the focus here; the caret stays where it was.
    onFocus: ({ currentTarget }: { currentTarget: HTMLInputElement }) => {
      if (isByPointer.current) return;
      isArriving.current = true;
      requestAnimationFrame(() => {
        const now = latest.current;
        currentTarget.setSelectionRange(Math.min(now.caret, now.anchor), Math.max(now.caret, now.anchor));
        isArriving.current = false;
      });
    },
    onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => lineStroke(event, onPress, onTab),
  });
}
