import { useEffect } from 'react';
import { isEmptyLine } from '@/core/line/line';
import { useStore } from '@/state/app-store';
import { LINE_INPUT_ID } from '@/ui/line/stroke';

/** A question mark is typed where something is written; an empty line has no use for one. */
function asks(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey) return false;
  if (event.key === 'F1') return true;
  const { target } = event;
  if (event.key !== '?' || !(target instanceof HTMLElement)) return false;
  if (target.id === LINE_INPUT_ID) return isEmptyLine(useStore.getState().document.line);
  return !(target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement);
}

/** F1 opens the help from anywhere, and so does a question mark where none can be written. */
export function useHelpStrokes(isOpen: boolean, open: () => void): void {
  useEffect(() => {
    if (isOpen) return undefined;
    const onStroke = (event: KeyboardEvent): void => {
      if (!asks(event)) return;
      event.preventDefault();
      event.stopPropagation();
      open();
    };
    document.addEventListener('keydown', onStroke, true);
    return () => document.removeEventListener('keydown', onStroke, true);
  }, [isOpen, open]);
}
