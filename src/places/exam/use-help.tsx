import { useCallback } from 'react';
import type { ReactNode } from 'react';
import type { Help } from '@/core/notebook/exam';
import { useStore } from '@/state/app-store';
import { isOff } from '@/state/slices/exam/off';

/** Whether a help is on: always, but in an examination that has it off. */
export const useHelp = (help: Help): boolean => useStore((s) => !isOff(s, help));

/** What is there only while a help is on. */
export function WithHelp({ help, children }: Readonly<{ help: Help; children: ReactNode }>) {
  return useHelp(help) ? children : null;
}

type Maybe = Readonly<{ help?: Help }>;

/** Tells of a place or a tool whether it is there: it may be a help that is off. */
export function useIsThere(): (one: Maybe) => boolean {
  const exam = useStore((s) => s.document.exam);
  return useCallback(({ help }: Maybe) => help === undefined || exam?.off.includes(help) !== true, [exam]);
}
