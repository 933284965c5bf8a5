import { z } from 'zod/mini';
import { examSchema, helps } from '@/core/notebook/exam';
import type { Help, SavedExam } from '@/core/notebook/exam';
import { isObject, listOf, readAs } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type ExamDocument = Readonly<{
  /** The examination that is on; null while there is none. Its steps of undo all have the same one. */
  exam: SavedExam | null;
}>;

const examPart: SavedPart<SavedExam | null> = {
  schema: z.nullable(examSchema),
  salvaged: (found, aside) => {
    const whole = readAs(z.nullable(examSchema), found ?? null);
    if (whole !== null || found === null || found === undefined) return whole;
    if (!isObject(found) || !Array.isArray(found['off'])) {
      aside.put('other', '', '', found);
      return null;
    }
    // It ends only on purpose, also where what was put aside, or what is off, cannot be read.
    const before = readAs(examSchema.shape.before, found['before']);
    if (before === null) aside.put('other', '', '', found['before']);
    const { shape } = examSchema;
    return {
      off: listOf(found['off']).filter((help): help is Help => helps.includes(help as Help)),
      settings: readAs(shape.settings, found['settings']),
      since: readAs(shape.since, found['since']) ?? 0,
      before: before ?? [],
    };
  },
  migrations: { 12: () => null },
};

const document: ExamDocument = { exam: null };

/** An examination: what is off, and what was put aside until it ends. */
export const exam = defineSlice({
  document,
  sight: {},
  steps: ['end-exam'],
  notices: ['exam-begun', 'exam-ended', 'exam-not-put-back', 'not-in-exam'],
  saved: { exam: examPart },
  toSaved: (d: ExamDocument) => ({ exam: d.exam }),
  fromSaved: (saved) => ({ document: { exam: saved.exam }, sight: {} }),
});
