import { useStore } from '@/state/app-store';
import { lineText } from '@/state/slices/bench/reading';
import { againRequest, requestOf } from '@/state/slices/bench/live';
import type { LineRequest } from '@/state/background';
import { useRequest } from '@/state/use-task';
import type { Written } from './copying';
import type { LineRef } from './sheets';

/** What a finished line, or the line being written, asks; the finished one in its own settings. */
export const useLineRequest = (of: LineRef): LineRequest =>
  useRequest((state) => (of === 'now' ? requestOf(state) : againRequest(state, of, true)));

/** The line being written as it is copied. */
export function writtenNow(): Written {
  const state = useStore.getState();
  const { impliedFirst, display } = state.settings;
  return { text: lineText(state), decimalSign: display.decimalSign, impliedFirst };
}

export const writtenOf = (of: LineRef): Written => (of === 'now' ? writtenNow() : of);

/** How a line was keyed; null when that is not known. */
export function keysOf(of: LineRef): readonly string[] | null {
  if (of !== 'now') return of.keys.length === 0 ? null : of.keys;
  return useStore.getState().document.keyed;
}
