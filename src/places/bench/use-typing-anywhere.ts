import { useEffect, useLayoutEffect } from 'react';
import { actionInStyle, commandOf, strokeOf } from '@/keys/shortcuts';
import type { Command, Stroke } from '@/keys/shortcuts';
import { useStore } from '@/state/app-store';
import { pasteInto } from './pasting';
import { KEYED_AREA_ID } from '@/ui/keyed/area';
import { LINE_INPUT_ID } from '@/ui/line/stroke';

/** What the keys that act anywhere on the Bench do. */
export type BenchActs = Readonly<Record<Command<'bench'>, (isBack: boolean) => void>>;

/** The keys of the Bench itself, wherever the focus is. */
export function useBenchKeys(isOn: boolean, acts: BenchActs): void {
  useEffect(() => {
    if (!isOn) return undefined;
    const onStroke = (event: globalThis.KeyboardEvent) => {
      const command = commandOf('bench', strokeOf(event));
      if (command === null) return;
      event.preventDefault();
      acts[command](event.shiftKey);
    };
    document.addEventListener('keydown', onStroke);
    return () => document.removeEventListener('keydown', onStroke);
  }, [isOn, acts]);
}

/** A place of the Shelf, or a level, that is asked for by its name before its panel has the focus. */
const namesPlace = ({ key, control }: Stroke, target: EventTarget | null): boolean =>
  !control && /^[0-9A-Za-z]$/.test(key) && !(target instanceof Element && target.closest('[role="dialog"]') !== null);

/** Typing anywhere on the place goes to the line; the keys that move about or press a button stay theirs. */
export function useTypingAnywhere(isOn: boolean): void {
  useLayoutEffect(() => {
    if (!isOn) return undefined;
    const toLine = (event: globalThis.KeyboardEvent) => {
      const { target } = event;
      const stroke = strokeOf(event);
      const { key, control } = stroke;
      // With the focus nowhere, every stroke is meant for the line; on a button, only what types or takes back.
      const isArea = target instanceof HTMLElement && target.id === KEYED_AREA_ID;
      const isForLine =
        target === document.body || isArea || control || key === 'Backspace' || ([...key].length === 1 && key !== ' ');
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || !isForLine) return;
      const state = useStore.getState();
      if (state.asking !== null) {
        if (!namesPlace(stroke, target)) return;
        event.preventDefault();
        state.press({ type: 'type', text: key });
        return;
      }
      const { style } = state.settings;
      const action = actionInStyle(stroke, style);
      if (action === null && !(control && key.toLowerCase() === 'v')) return;
      document.getElementById(style === 'written' ? LINE_INPUT_ID : KEYED_AREA_ID)?.focus({ preventScroll: true });
      if (action === null) return;
      event.preventDefault();
      state.press(action);
    };
    // The line takes what is pasted into it; in the other styles there is no field to paste into.
    const toArea = (event: ClipboardEvent) => {
      const isField = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
      if (isField || useStore.getState().settings.style === 'written') return;
      event.preventDefault();
      pasteInto(event.clipboardData?.getData('text/plain') ?? '', event.clipboardData?.getData('text/html') ?? '');
    };
    document.addEventListener('keydown', toLine);
    document.addEventListener('paste', toArea);
    return () => {
      document.removeEventListener('keydown', toLine);
      document.removeEventListener('paste', toArea);
    };
  }, [isOn]);
}
