import { itemAt } from '@/core/base/item';
import type { Form } from '@/core/format/form';
import { encode } from '@/core/notebook/value-codec';
import type { LineAnswer, RangeView, SolutionView, SolvedLine } from '@/state/background';

/** Part of the numbers, as an inequality: −2 ≤ x < 3. */
export function rangeText({ from, to }: RangeView, letter: string): string {
  if (from !== null && to !== null && from.form.text === to.form.text) return `${letter} = ${from.form.text}`;
  const low = from === null ? '' : `${from.form.text} ${from.isTaken ? '≤' : '<'} `;
  const high = to === null ? '' : ` ${to.isTaken ? '≤' : '<'} ${to.form.text}`;
  if (from !== null && to === null) return `${letter} ${from.isTaken ? '≥' : '>'} ${from.form.text}`;
  return `${low}${letter}${high}`;
}

const typedRange = ({ from, to }: RangeView, letter: string): string => {
  if (from !== null && to !== null && from.form.typed === to.form.typed) return `${letter}=${from.form.typed}`;
  const low = from === null ? '' : `${from.form.typed}${from.isTaken ? '<=' : '<'}`;
  const high = to === null ? '' : `${to.isTaken ? '<=' : '<'}${to.form.typed}`;
  if (from !== null && to === null) return `${letter}${from.isTaken ? '>=' : '>'}${from.form.typed}`;
  return `${low}${letter}${high}`;
};

/** What solving a line puts on the tape as its answer; null when there is nothing to put. */
export function solvedAnswer(solved: SolvedLine, letter: string): LineAnswer | null {
  const parts = ((): readonly { text: string; typed: string; forms: readonly Form[] }[] => {
    const one = (name: string, { forms }: SolutionView) =>
      forms.slice(0, 1).map((f) => ({ text: `${name} = ${f.text}`, typed: `${name}=${f.typed}`, forms: [f] }));
    switch (solved.kind) {
      case 'roots':
        return solved.roots.flatMap((root) => one(letter, root));
      case 'periodic':
        return solved.families.map((form) => ({
          text: `${letter} = ${form.text}`,
          typed: `${letter}=${form.typed}`,
          forms: [form],
        }));
      case 'pair':
        return solved.values.flatMap((value, i) => one(itemAt(solved.names, i), value));
      case 'ranges':
        return solved.ranges.map((range) => ({
          text: rangeText(range, letter),
          typed: typedRange(range, letter),
          forms: [range.from?.form, range.to?.form].filter((f) => f !== undefined),
        }));
      default:
        return [];
    }
  })();
  if (parts.length === 0) return null;
  const joint = solved.kind === 'pair' ? 'and' : 'or';
  const text = parts.map((p) => p.text).join(` ${joint} `);
  const form: Form = {
    id: 'solution',
    exact: parts.every((p) => p.forms.every((f) => f.exact)),
    settled: parts.every((p) => p.forms.every((f) => f.settled)),
    text,
    typed: parts.map((p) => p.typed).join(` ${joint} `),
  };
  const only = solved.kind === 'roots' && solved.roots.length === 1 ? (itemAt(solved.roots, 0).value ?? null) : null;
  return {
    target: null,
    value: only,
    saved: only === null ? null : encode(only),
    readAs: { text, typed: text, isAmbiguous: false },
    forms: [form],
    full: text,
    usesAngleUnit: false,
    otherUnit: null,
    inRadians: null,
    isTooCold: false,
    near: [],
    tried: [],
  };
}
