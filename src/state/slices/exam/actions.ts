import type { ExamPlan } from '@/core/notebook/exam';
import { givenSettings } from '@/core/notebook/settings';
import { NO_HISTORY, recorded } from '@/state/kernel/history';
import { benchAtFirst } from '@/state/slices/bench/moment';
import { notice } from '@/state/slices/notice';
import { toNotebook } from '@/state/slices/notebook';
import { EMPTY_DOCUMENT, FIRST_SIGHT } from '@/state/slices/parts';
import { withSettings } from '@/state/slices/settings/actions';
import { SHELF_AT_FIRST } from '@/state/slices/shelf/moment';
import type { Change, State } from '@/state/slices/state';
import { endedKept, keptBefore } from './ended';

/** An examination begins and ends. */
export type ExamActions = Readonly<{
  /** Puts aside all that is there, and turns off what the plan says. */
  startExam: (plan: ExamPlan) => void;
  /** Puts back what was put aside; one step of undo shows once more what was there at the end. */
  endExam: () => void;
}>;

/** Nothing that was under way before goes on. */
export const nothingUnderWay = (): Partial<State> => ({
  ...benchAtFirst<State>(),
  ...SHELF_AT_FIRST,
  history: NO_HISTORY,
  settingsBefore: null,
  offered: null,
  spoken: '',
});

function started(state: State, plan: ExamPlan, now: number): Partial<State> {
  if (state.document.exam !== null) return {};
  const exam = { ...plan, since: now, before: [toNotebook(state)] };
  const fresh = { ...nothingUnderWay(), document: { ...EMPTY_DOCUMENT, exam }, sight: FIRST_SIGHT };
  return {
    ...fresh,
    ...withSettings({ ...state, ...fresh }, givenSettings(plan.settings ?? {})),
    notice: notice('exam-begun'),
  };
}

function ended(state: State, now: number): Partial<State> {
  const { document, settings } = state;
  const { exam } = document;
  if (exam === null) return {};
  const before = keptBefore(document);
  const minutes = Math.max(0, Math.floor((now - exam.since) / 60_000));
  const last = { name: 'end-exam', before: { ...document, exam: null }, sign: settings.display.decimalSign } as const;
  return {
    ...nothingUnderWay(),
    ...endedKept(state, before),
    ...(before === null ? {} : { history: recorded(NO_HISTORY, last) }),
    notice: before === null ? notice('exam-not-put-back') : notice('exam-ended', `${minutes}`, true),
  };
}

export const examActions = (change: Change, clock: () => number): ExamActions => ({
  startExam: (plan) => change((state) => started(state, plan, clock())),
  endExam: () => change((state) => ended(state, clock())),
});
