import { useEffect } from 'react';
import { actionOfStroke, strokeOf } from '@/keys/shortcuts';
import { useStore } from '@/state/app-store';
import { useIsOver } from './over';

/** Undo and redo by the keyboard, where no line takes those strokes; not while something else stands in front. */
export function useUndoStrokes(isOff: boolean): void {
  const isOver = useIsOver();
  useEffect(() => {
    if (isOff || isOver) return undefined;
    const onStroke = (event: KeyboardEvent): void => {
      const isField = event.target instanceof HTMLInputElement;
      const action = isField ? null : actionOfStroke(strokeOf(event));
      if (action?.type !== 'undo' && action?.type !== 'redo') return;
      event.preventDefault();
      useStore.getState().press(action);
    };
    document.addEventListener('keydown', onStroke);
    return () => document.removeEventListener('keydown', onStroke);
  }, [isOff, isOver]);
}
