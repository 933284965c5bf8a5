import { useStore } from '@/state/app-store';
import { inNotation } from '@/state/slices/bench/notation';
import { CORE_SPELLING } from '@/ui/formula/typeset';

/** Puts a typed text with a point on the line of the Bench, written so that it means there what it means here. */
export function putOnLine(text: string): void {
  const { paste, settings } = useStore.getState();
  const { impliedFirst, display } = settings;
  paste(inNotation(text, CORE_SPELLING, { impliedFirst, decimalSign: display.decimalSign }), true);
}
