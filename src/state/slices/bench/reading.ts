import { functionNames } from '@/core/function';
import type { ReadingOptions } from '@/core/language/tokens';
import { textOf } from '@/core/line/line';
import type { Line } from '@/core/line/line';
import type { Settings } from '@/core/notebook/settings';

/** How lines are read under the settings. */
export const optionsOf = ({ display, impliedFirst }: Pick<Settings, 'display' | 'impliedFirst'>): ReadingOptions => ({
  functions: functionNames,
  decimalSign: display.decimalSign,
  impliedFirst,
});

type Written = Readonly<{ document: Readonly<{ line: Line }>; settings: Settings }>;

/** The typed text of the line being written. */
export const lineText = (state: Written): string => textOf(state.document.line, state.settings.display.decimalSign);
