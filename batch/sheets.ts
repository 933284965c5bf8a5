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
  if (result.value !== 'wrong') return succeed({ mark: result.value });
  const compared = compare(key.value.tree, given.value.tree, context, false);
  const [slip] = compared.ok ? compared.value.claims : [];
  return succeed({ mark: result.value, ...(slip === undefined ? {} : { slip: slip.slips[0], slipLine: slip.line }) });
}

/** A sheet as one pupil has it, each question with what its answer is; where answers are given, how each is marked. */
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
    const reading = readExpr(key);
    if (!reading.ok) return reading;
    const value = evaluate(reading.value.tree, context);
    if (!value.ok) return value;
    const text = isScalar(value.value) ? numberText(value.value, context) : null;
    if (text?.ok === false) return text;
    const answer = answers?.[number] ?? '';
    const told = answer === '' ? null : marked(item, answer, context);
    if (told?.ok === false) return told;
    items.push({
      ...(words === '' ? {} : { words }),
      line: shown,
      key,
      answer: text === null ? null : text.value.text,
      form,
      ...(curve === '' ? {} : { curve }),
      ...(told === null ? {} : told.value),
    });
  }
  return succeed({ title: sheet.title, items });
}
