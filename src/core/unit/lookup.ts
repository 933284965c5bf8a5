import * as q from '../number/rational';
import { kinds } from './kinds';
import { prefixes } from './prefixes';
import type { Prefix } from './prefixes';
import type { Unit } from './unit';

/** A unit as it was written, with the prefix before it. */
export type Named = Readonly<{ unit: Unit; prefix: Prefix | null }>;

/** A name without what tells nothing apart: capitals, several spaces, and what other spellings are written for. */
const plain = (name: string): string =>
  name
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .replace(/litre/g, 'liter')
    .replace(/metre/g, 'meter')
    .replace(/^international /, '')
    .trim();

const withoutPlural = (name: string): string | null =>
  /(?:hertz|celsius|lux|inches|centuries|is)$/.test(name) || !name.endsWith('s') ? null : name.slice(0, -1);

/** A plural with its s before what stands in brackets: gallons (US), tonnes of oil equivalent. */
function singulars(name: string): readonly string[] {
  const inner = /^(.+?)s( \(.*\))$/.exec(name) ?? /^(\S+?)s( (?:of|per) .*)$/.exec(name);
  const last = withoutPlural(name);
  return [name, ...(last === null ? [] : [last]), ...(inner === null ? [] : [`${inner[1]}${inner[2]}`])];
}

type Tables = Readonly<{ bySign: ReadonlyMap<string, readonly Unit[]>; byName: ReadonlyMap<string, readonly Unit[]> }>;
let tables: Tables | null = null;

/** The tables are made when a unit is first asked for. */
function made(): Tables {
  if (tables !== null) return tables;
  const bySign = new Map<string, Unit[]>();
  const byName = new Map<string, Unit[]>();
  const put = (map: Map<string, Unit[]>, key: string, unit: Unit): void => {
    const list = map.get(key) ?? [];
    if (!list.includes(unit)) map.set(key, [...list, unit]);
  };
  for (const { units } of kinds)
    for (const unit of units) {
      put(bySign, unit.sign, unit);
      for (const name of unit.names) {
        // Short ones are signs too, in which capitals count: gal is no Gal.
        if (name.length <= 3) put(bySign, name, unit);
        else put(byName, plain(name), unit);
      }
    }
  tables = { bySign, byName };
  return tables;
}

const takes = ({ prefixes: which }: Unit, { isLarge, isBinary }: Prefix): boolean =>
  which === 'decimal' ? !isBinary : which === 'data' && isLarge;

function withPrefix(text: string): readonly Named[] {
  const { bySign, byName } = made();
  const name = plain(text);
  for (const prefix of prefixes) {
    for (const sign of prefix.signs) {
      const found = text.startsWith(sign) ? bySign.get(text.slice(sign.length)) : undefined;
      const fitting = found?.filter((unit) => takes(unit, prefix)) ?? [];
      if (fitting.length > 0) return fitting.map((unit) => ({ unit, prefix }));
    }
    if (!name.startsWith(prefix.name)) continue;
    const rest = name.slice(prefix.name.length);
    const found = singulars(rest).flatMap((form) => [
      ...(byName.get(form) ?? []),
      ...(form.length <= 3 ? (bySign.get(form) ?? []) : []),
    ]);
    const fitting = found.filter((unit) => takes(unit, prefix));
    if (fitting.length > 0) return [{ unit: fitting[0] as Unit, prefix }];
  }
  return [];
}

const known = new Map<string, readonly Named[]>();

/** All units that a sign or a name stands for: none, one, or several where it is ambiguous. */
export function unitsNamed(text: string): readonly Named[] {
  const before = known.get(text);
  if (before !== undefined) return before;
  const { bySign, byName } = made();
  const exact = bySign.get(text);
  // Names of three letters have plurals too: days, bits.
  const short = (form: string): readonly Unit[] =>
    form.length === 3 && text.length > 3 ? (bySign.get(form) ?? []) : [];
  const names =
    exact === undefined ? singulars(plain(text)).flatMap((form) => [...(byName.get(form) ?? []), ...short(form)]) : [];
  const units = exact ?? [...new Set(names)];
  const result = units.length > 0 ? units.map((unit) => ({ unit, prefix: null })) : withPrefix(text);
  if (known.size > 2000) known.clear();
  known.set(text, result);
  return result;
}

/** The sign with its prefix. */
export const signOf = ({ unit, prefix }: Named): string => (prefix?.signs[0] ?? '') + unit.sign;
/** How many of the unit the prefixed one is. */
export const prefixFactor = ({ prefix }: Named): q.Rational => prefix?.factor ?? q.ONE;
