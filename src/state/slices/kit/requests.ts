import { requestFor } from '@/state/slices/bench/live';
import { displayIn } from '@/state/slices/exam/off';
import type { State } from '@/state/slices/state';
import type { LineRequest } from '@/workers/answer';

type Given = Pick<State, 'document' | 'settings'>;

const NUMERAL = /^[-\d.E+]*$/;

/**
 * What texts of a tool are worked with: typed, with a point. `own`: letters that stand for what the tool was given, and
 * for nothing that is kept.
 */
export function kitRequest(state: Given, texts: readonly string[], own: readonly string[] = []): LineRequest {
  const request = requestFor(texts.filter((text) => !NUMERAL.test(text)).join(' '), state);
  const letters = new Map([...request.letters].filter(([name]) => !own.includes(name)));
  return { ...request, text: '', display: displayIn(state), tries: {}, letters };
}

export type { ResultView } from '@/workers/kit/results';
export type { SystemView } from '@/workers/kit/system';
export type { PolynomialView, RootView } from '@/workers/kit/polynomial';
export type { ChanceRow, ChanceView } from '@/workers/kit/chance';
export { drawnKinds } from '@/core/chance/draw-kinds';
export type { DrawnKind } from '@/core/chance/draw-kinds';
export type { OutcomeView, TestView } from '@/workers/kit/tests';
export type { ClaimView, CompareView } from '@/workers/kit/compare';
export type { MarkedResult, SheetKeyItem } from '@/workers/kit/sheets';
export type { MarkView } from '@/workers/kit/practice';
export type { LoanView, ScheduleRow, SolvedLoan } from '@/workers/kit/loan';
export type { PairsView } from '@/workers/kit/pairs';
