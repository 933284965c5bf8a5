import { useEffect } from 'react';
import { useStore } from '@/state/app-store';

/** Undo and redo by the keyboard, where no line takes those strokes; not while something else stands in front. */
export function useUndoStrokes(isOff: boolean): void {
  useEffect(() => {
    if (isOff) return undefined;
    const onStroke = (event: KeyboardEvent): void => {
      const isField = event.target instanceof HTMLInputElement;
      if (isField || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      useStore.getState().press({ type: event.shiftKey ? 'redo' : 'undo' });
    };
    document.addEventListener('keydown', onStroke);
    return () => document.removeEventListener('keydown', onStroke);
  }, [isOff]);
}
