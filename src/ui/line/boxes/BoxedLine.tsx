import { createElement, memo, useEffect, useLayoutEffect, useRef } from 'react';
import type { ClipboardEvent, PointerEvent } from 'react';
import { caretOf, selectedText, textOf } from '@/core/line/line';
import { hasSelection, sameCaret, selectionOf } from '@/core/line/row';
import type { BoxedLine as Line, CaretPosition } from '@/core/line/row';
import type { ReadingOptions } from '@/core/language/tokens';
import type { KeyAction } from '@/keys/catalogue';
import { afterPaint } from '@/platform/paint';
import { words } from '@/text/labels';
import { stillWhileWriting } from '../blink';
import { LINE_INPUT_ID, focusIfFree, lineStroke } from '../stroke';
import { DrawnLine, isTall } from './draw';
import type { DrawStyle } from './draw';
import { SpokenCaret } from './SpokenCaret';
import { caretRect, partRect, placeAtPoint, rowElement } from './geometry';

type Props = Readonly<{
  line: Line;
  options: ReadingOptions;
  style: DrawStyle;
  /** Names the problem for a screen reader. */
  describedBy: string | undefined;
  isWrong: boolean;
  size: 'line' | 'class';
  onPress: (action: KeyAction) => void;
  onTab: (() => void) | null;
  onPoint: (place: CaretPosition, extends_: boolean) => void;
  onSelectAt: (place: CaretPosition) => void;
  onPaste: (text: string, html: string) => void;
  onRetype: (text: string, caret: number, anchor: number) => void;
}>;

const px = (n: number): string => `${Math.round(n * 10) / 10}px`;

/** Sets what is not so yet: what is set anew is laid out anew. */
function setStyle({ style }: HTMLElement, name: 'display' | 'width' | 'height' | 'transform', value: string): void {
  if (style[name] !== value) style[name] = value;
}

const moved = (x: number, y: number): string => `translate(${px(x)}, ${px(y)})`;

/** Puts an overlay over a part of the drawing, or away. It is moved there, which needs no layout of the page. */
function lay(
  over: HTMLElement | null,
  frame: DOMRect,
  scrolled: number,
  rect: ReturnType<typeof caretRect>,
  pad: number,
): void {
  if (over === null) return;
  setStyle(over, 'display', rect === null ? 'none' : 'block');
  if (rect === null) return;
  setStyle(over, 'transform', moved(rect.left - frame.left + scrolled - pad, rect.top - frame.top - pad));
  setStyle(over, 'width', px(rect.right - rect.left + 2 * pad));
  setStyle(over, 'height', px(rect.bottom - rect.top + 2 * pad));
}

/** How much further than what it stands beside a caret reaches. */
const BEYOND = 3;

/** Puts the caret, which is one pixel high until it is drawn out, to where it stands. */
function layCaret(over: HTMLElement, frame: DOMRect, scrolled: number, rect: ReturnType<typeof caretRect>): void {
  setStyle(over, 'display', rect === null ? 'none' : 'block');
  if (rect === null) return;
  const height = rect.bottom - rect.top + 2 * BEYOND;
  const place = moved(rect.left - frame.left + scrolled - 1, rect.top - frame.top - BEYOND);
  setStyle(over, 'transform', `${place} scaleY(${Math.round(height * 10) / 10})`);
}

/** Kept free between the caret and the edge of the page. */
const MARGIN = 24;

/**
 * The line as it stands on paper, with its caret and its selection drawn upon it. Keys come through an input that is
 * not seen: it lets dead keys, pasting and screen readers work as in any field, and holds the typed text.
 */
export const BoxedLine = memo(function BoxedLine(props: Props) {
  const { line, options, style, describedBy, isWrong, size, onPress, onTab, onPoint, onSelectAt, onPaste, onRetype } =
    props;
  const frame = useRef<HTMLDivElement | null>(null);
  const caret = useRef<HTMLDivElement | null>(null);
  const slot = useRef<HTMLDivElement | null>(null);
  const selected = useRef<HTMLDivElement | null>(null);
  const input = useRef<HTMLInputElement | null>(null);
  const gauge = useRef<HTMLSpanElement | null>(null);
  const drag = useRef<{ from: CaretPosition; last: CaretPosition } | null>(null);
  const text = textOf(line, options.decimalSign);

  const draw = () => {
    const box = frame.current;
    const root = box?.querySelector('[data-root]');
    if (!box || !root) return;
    // An empty line draws its own caret: nothing is measured, which would lay out the new line of the tape within the press.
    if (line.row.length === 0) {
      for (const over of [caret, slot, selected]) if (over.current !== null) setStyle(over.current, 'display', 'none');
      return;
    }
    const place = line.caret;
    const bounds = box.getBoundingClientRect();
    let shift = caretRect(root, place);
    const x = shift === null ? null : shift.left - bounds.left;
    const isOut = x !== null && (x < MARGIN || x > bounds.width - MARGIN);
    const before = box.scrollLeft;
    if (isOut) box.scrollLeft += x < MARGIN ? x - MARGIN : x - bounds.width + MARGIN;
    const scrolled = box.scrollLeft;
    if (scrolled !== before) shift = caretRect(root, place);
    // All is measured before anything is moved: measuring after a move lays the page out anew.
    const inner = place.path.length === 0 ? null : (rowElement(root, place.path)?.getBoundingClientRect() ?? null);
    const part = hasSelection(line) ? selectionOf(line) : null;
    const chosen = part === null ? null : partRect(root, part.path, part.from, part.to);
    if (caret.current !== null) {
      layCaret(caret.current, bounds, scrolled, part === null ? shift : null);
      stillWhileWriting(caret.current);
    }
    lay(slot.current, bounds, scrolled, inner, 2);
    lay(selected.current, bounds, scrolled, chosen, 1);
  };

  // Before the line is seen, so that no stroke that comes at once is lost.
  useLayoutEffect(() => focusIfFree(input.current), []);

  const latest = useRef(draw);
  useLayoutEffect(() => {
    latest.current = draw;
    draw();
  });
  useEffect(() => {
    const again = () => latest.current();
    // Widths change once the font of mathematics has come.
    void document.fonts.ready.then(again);
    window.addEventListener('resize', again);
    // All grows with the text size that is set, which no part of the line is told of.
    const watch = new ResizeObserver(again);
    if (gauge.current !== null) watch.observe(gauge.current);
    return () => {
      window.removeEventListener('resize', again);
      watch.disconnect();
    };
  }, []);

  // The text in the field serves screen readers and what types without keys. Setting it makes the browser lay the page
  // out anew, so that waits until the line has been painted (measured: 11 of 28 ms of a stroke in a long line).
  const written = useRef('');
  useEffect(
    () =>
      afterPaint(() => {
        const node = input.current;
        if (node === null) return;
        const offset = caretOf(line, options.decimalSign);
        if (node.value !== text) node.value = text;
        written.current = text;
        if (node.selectionStart !== offset || node.selectionEnd !== offset) node.setSelectionRange(offset, offset);
      }),
    [line, options.decimalSign, text],
  );

  const placeOf = (event: PointerEvent): CaretPosition | null => {
    const root = frame.current?.querySelector('[data-root]');
    return root ? placeAtPoint(root, event.clientX, event.clientY) : null;
  };

  const onPointerDown = (event: PointerEvent<HTMLDivElement>) => {
    event.preventDefault();
    input.current?.focus({ preventScroll: true });
    const place = placeOf(event);
    if (place === null) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { from: place, last: place };
    onPoint(place, event.shiftKey);
  };
  const onPointerMove = (event: PointerEvent<HTMLDivElement>) => {
    const place = drag.current === null ? null : placeOf(event);
    if (place === null || drag.current === null || sameCaret(place, drag.current.last)) return;
    drag.current = { ...drag.current, last: place };
    onPoint(place, true);
  };
  const endDrag = () => {
    drag.current = null;
  };

  const overlay = (ref: typeof caret, className: string) => <div ref={ref} className={className} aria-hidden />;
  const isEmpty = line.row.length === 0;
  return (
    <div
      ref={frame}
      className={`boxed boxed-${size} ${isTall(line.row) ? 'boxed-tall' : ''}`}
      data-testid="boxed-line"
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={endDrag}
      onPointerCancel={endDrag}
      onDoubleClick={(event) => {
        const root = frame.current?.querySelector('[data-root]');
        if (root) onSelectAt(placeAtPoint(root, event.clientX, event.clientY));
      }}
    >
      {overlay(slot, 'boxed-slot')}
      {overlay(selected, 'boxed-selected')}
      {isEmpty ? (
        <span className="boxed-empty">
          <span className="boxed-caret-still" />
          {words.linePlaceholder}
        </span>
      ) : null}
      {createElement(
        'math',
        { className: `math math-${size}`, displaystyle: 'true', 'aria-hidden': true },
        <DrawnLine row={line.row} style={style} />,
      )}
      {overlay(caret, 'boxed-caret')}
      <span ref={gauge} className="boxed-gauge" aria-hidden />
      <SpokenCaret line={line} options={options} />
      <input
        ref={input}
        id={LINE_INPUT_ID}
        className="boxed-input"
        aria-label={words.line}
        aria-invalid={isWrong}
        aria-describedby={describedBy}
        inputMode="none"
        autoComplete="off"
        autoCorrect="off"
        autoCapitalize="off"
        spellCheck={false}
        defaultValue=""
        onInput={({ currentTarget }) => {
          const { value } = currentTarget;
          const end = currentTarget.selectionStart ?? value.length;
          const typed = inserted(written.current, value, end);
          written.current = value;
          if (typed === null) onRetype(value, end, end);
          else for (const char of typed) onPress({ type: 'type', text: char });
        }}
        onPaste={(event: ClipboardEvent) => {
          event.preventDefault();
          onPaste(event.clipboardData.getData('text/plain'), event.clipboardData.getData('text/html'));
        }}
        onCopy={(event: ClipboardEvent) => taken(event, selectedText(line, options))}
        onCut={(event: ClipboardEvent) => {
          if (taken(event, selectedText(line, options))) onPress({ type: 'edit', command: 'deleteLeft' });
        }}
        onKeyDown={(event) => lineStroke(event, onPress, onTab)}
      />
    </div>
  );
});

/** What a field's new value has more than the old one, ending at the caret; null when more than that changed. */
function inserted(before: string, now: string, end: number): string | null {
  const length = now.length - before.length;
  if (length <= 0) return null;
  return now.slice(0, end - length) + now.slice(end) === before ? now.slice(end - length, end) : null;
}

function taken(event: ClipboardEvent, text: string | null): boolean {
  if (text === null) return false;
  event.preventDefault();
  event.clipboardData.setData('text/plain', text);
  return true;
}
