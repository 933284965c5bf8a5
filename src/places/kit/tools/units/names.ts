import { conversionIn } from '@/core/language/conversion';
import { baseSigns, kindsOf } from '@/core/unit/convert';
import { kinds } from '@/core/unit/kinds';
import { unitsNamed } from '@/core/unit/lookup';
import { readUnit } from '@/core/unit/read';
import type { KindId } from '@/core/unit/unit';
import { findable, found } from '@/text/search';
import { kindNames } from '@/text/kit/units';

/** A unit that can be chosen, with its first English name. */
export type Choice = Readonly<{ sign: string; name: string; kind: KindId }>;

/** The English name of a sign that is one unit; of a compound the sign itself. */
export function nameOfUnit(sign: string): string {
  const [only, ...others] = unitsNamed(sign);
  if (only === undefined || others.length > 0) return sign;
  return (only.prefix?.name ?? '') + (only.unit.names[0] ?? sign);
}

const all: readonly Choice[] = kinds.flatMap(({ id, listed }) =>
  listed.map((sign) => ({ sign, name: nameOfUnit(sign), kind: id })),
);
const sought = all
  .filter(({ sign }, i) => all.findIndex((other) => other.sign === sign) === i)
  .map((choice) => {
    const names = unitsNamed(choice.sign).flatMap(({ unit }) => unit.names);
    return findable(choice, choice.name, `${choice.sign} ${names.join(' ')}`, kindNames[choice.kind]);
  });

const MOST = 30;

/** Units that fit words or a sign: first the one that is just that, also where it is put together. */
export function findUnits(text: string): readonly Choice[] {
  const written = readUnit(text);
  const [kind] = written.ok ? kindsOf(written.value) : [];
  const exact: readonly Choice[] =
    written.ok && kind !== undefined
      ? [{ sign: written.value.sign, name: nameOfUnit(written.value.sign), kind: kind.id }]
      : [];
  const choices = !written.ok && written.problem.reason === 'ambiguous' ? written.problem.offers : [];
  const meant = choices.flatMap((sign) => all.filter((choice) => choice.sign === sign).slice(0, 1));
  const others = found(sought, text, MOST);
  return [...exact, ...meant, ...others].filter(
    ({ sign }, i, list) => list.findIndex((other) => other.sign === sign) === i,
  );
}

/** The base units of a written unit; null where it is none. */
export function baseOf(text: string): string | null {
  const unit = readUnit(text);
  return unit.ok && !unit.value.isReciprocal ? baseSigns(unit.value.dimension) : null;
}

/** The last word of a question that leads over to the unit that is asked for. */
const LEADS = /\s(?:in|into|as)\s(?!.*\s(?:in|into|as|to)\s)/i;

/** A question such as `5 acres in hectares`; null for anything else. */
export function questionIn(text: string): Readonly<{ value: string; from: string; to: string; kind: KindId }> | null {
  const line = text.trim().replace(LEADS, ' to ');
  const found = conversionIn(line);
  const [measure, ...others] = found?.measures ?? [];
  if (found === null || measure?.unit == null || others.length > 0) return null;
  const part = (at: Readonly<{ from: number; to: number }>): string => line.slice(at.from, at.to).trim();
  const [from, to] = [readUnit(part(measure.unit)), readUnit(part(found.to))];
  if (!from.ok || !to.ok) return null;
  const kind = kindsOf(from.value).find((one) => kindsOf(to.value).includes(one));
  return kind === undefined
    ? null
    : { value: part(measure.value), from: from.value.sign, to: to.value.sign, kind: kind.id };
}
