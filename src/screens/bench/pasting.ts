import { useStore } from '@/state/app-store';

/** Puts what was pasted into the line. */
export function pasteInto(text: string, _html: string): void {
  useStore.getState().paste(text);
}
