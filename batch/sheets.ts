import type { Problem } from '@/core/base/problem';
import { succeed } from '@/core/base/result';
import type { Result } from '@/core/base/result';
import type { Context } from '@/core/evaluate/context';
import { evaluate } from '@/core/evaluate/evaluate';
import { mark } from '@/core/practice/mark';
import type { PupilQuestion } from '@/core/practice/sheet';
import { compare } from '@/core/slips/compare';
import { isScalar } from '@/core/number/value';
import { itemsFor } from '@/workers/kit/sheets';
import { numberIn, numberText, readExpr } from './numbers';
import type { SheetRequest } from './request';
import { toldOf } from './told';

/** How an answer to a question is marked, with the likeliest slip. */
function marked(question: PupilQuestion, answer: string, context: Context): Result<object, Problem> {
  const key = readExpr(question.key);
  const given = readExpr(answer);
  if (!key.ok) return key;
  if (!given.ok) return given;
  const value = evaluate(key.value.tree, context);
  if (!value.ok) return value;
  const off = question.tolerance === '' ? null : numberIn(question.tolerance, context);
  if (off?.ok === false) return off;
  const result = mark(value.value, given.value.tree, question.form, context, off === null ? null : off.value);
  if (!result.ok) return result;
  if (result.value.mark !== 'wrong') return succeed({ mark: result.value.mark });
  const compared = compare(key.value.tree, given.value.tree, context, false);
  const [slip] = compared.ok ? compared.value.claims : [];
  return succeed({
    mark: result.value.mark,
    ...(slip === undefined ? {} : { slip: slip.slips[0], slipLine: slip.line }),
  });
}

/** What the answer of a question is, and how the pupil's is marked, if there is one. */
function answered(question: PupilQuestion, answer: string, context: Context): Result<object, Problem> {
  const reading = readExpr(question.key);
  if (!reading.ok) return reading;
  const value = evaluate(reading.value.tree, context);
  if (!value.ok) return value;
  const text = isScalar(value.value) ? numberText(value.value, context) : null;
  if (text?.ok === false) return text;
  const right = { answer: text === null ? null : text.value.text };
  if (answer === '') return succeed(right);
  const told = marked(question, answer, context);
  return succeed({ ...right, ...(told.ok ? told.value : { problem: toldOf(told.problem) }) });
}

/**
 * A sheet as one pupil has it, each question with what its answer is; where answers are given, how each is marked. What
 * cannot be worked, or an answer that cannot be read, is told with its question, and the others are worked all the same.
 */
export function sheetAnswer({ sheet, pupil, answers }: SheetRequest, given: Context): Result<object, Problem> {
  const context = { ...given, angle: sheet.angle ?? given.angle };
  const items: object[] = [];
  let number = -1;
  for (const item of itemsFor(sheet, pupil)) {
    if (item.kind === 'text') {
      items.push({ text: item.text });
      continue;
    }
    number += 1;
    const { words, shown, key, form, curve } = item;
    const told = answered(item, answers?.[number] ?? '', context);
    // Once the time is up, no other question comes out either.
    if (!told.ok && told.problem.code === 'stopped') return told;
    items.push({
      ...(words === '' ? {} : { words }),
      line: shown,
      key,
      form,
      ...(curve === '' ? {} : { curve }),
      ...(told.ok ? told.value : { answer: null, problem: toldOf(told.problem) }),
    });
  }
  return succeed({ title: sheet.title, items });
}
