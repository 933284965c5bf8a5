import type { Chance } from './chance';
import { hostile, number, plain } from './lines';

/* Data that a file or a link could hold after it was written by another hand: valid JSON with other contents, or a text that is broken. */

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

const isObject = (v: Json): v is { [key: string]: Json } => typeof v === 'object' && v !== null && !Array.isArray(v);

/** All places of a value: the object or list that holds it, and its key. */
function placesIn(value: Json): { holder: Json[] | { [key: string]: Json }; key: string | number }[] {
  const found: { holder: Json[] | { [key: string]: Json }; key: string | number }[] = [];
  const open: Json[] = [value];
  for (let now = open.pop(); now !== undefined; now = open.pop()) {
    if (Array.isArray(now))
      for (const [key, inner] of now.entries()) {
        found.push({ holder: now, key });
        open.push(inner);
      }
    else if (isObject(now))
      for (const [key, inner] of Object.entries(now)) {
        found.push({ holder: now, key });
        open.push(inner);
      }
  }
  return found;
}

/** Another value of the same kind, so that what is checked by kind alone still passes. */
function likeness(value: Json, chance: Chance, others: readonly Json[]): Json {
  const same = others.filter((other) => typeof other === typeof value && Array.isArray(other) === Array.isArray(value));
  if (same.length > 0 && chance.once(2)) return structuredClone(chance.pick(same));
  if (typeof value === 'number')
    return chance.pick([0, 1, -1, 2, 3, 4, 12, 1e9, 1e300, -1e300, 0.5, 5e-324, value + 1]);
  if (typeof value === 'boolean') return !value;
  if (typeof value === 'string')
    return chance.pick([
      () => plain(chance),
      () => hostile(chance).slice(0, 3000),
      () => number(chance),
      () => '',
      () => `${value}${value}`,
      () => value.slice(1),
      () =>
        chance.pick([
          'exact',
          'decimal',
          'deg',
          'rad',
          'l1',
          'c1',
          't1',
          'f1',
          'A',
          '0',
          'polar',
          'truth',
          '1/0',
          '-0',
        ]),
    ])();
  if (Array.isArray(value)) {
    const list = structuredClone(value);
    return chance.pick([
      () => [],
      () => [...list, ...list],
      () => list.reverse(),
      () => list.slice(1),
      () => list.slice(0, 1),
    ])();
  }
  return value;
}

const unexpected: readonly Json[] = [
  null,
  {},
  [],
  '',
  0,
  true,
  'x',
  -1,
  1e400,
  [[]],
  { a: 1 },
  '__proto__',
  'constructor',
];

/** The data with a few of its parts changed: mostly into others that could stand there, now and then into what cannot. */
export function mutated(data: unknown, chance: Chance): unknown {
  const result = structuredClone(data) as Json;
  const count = 1 + chance.below(6);
  for (let i = 0; i < count; i += 1) {
    const places = placesIn(result);
    if (places.length === 0) return result;
    const { holder, key } = chance.pick(places);
    const put = (value: Json): void => {
      (holder as Record<string | number, Json>)[key] = value;
    };
    const value = (holder as Record<string | number, Json>)[key]!;
    const others = Array.from({ length: 30 }, () => {
      const other = chance.pick(places);
      return (other.holder as Record<string | number, Json>)[other.key]!;
    });
    if (chance.once(8)) put(structuredClone(chance.pick(unexpected)));
    else if (chance.once(12) && !Array.isArray(holder)) Reflect.deleteProperty(holder, key);
    else put(likeness(value, chance, others));
  }
  return result;
}

/** A text with letters changed, lost or doubled, or broken off. */
export function brokenText(text: string, chance: Chance): string {
  const at = chance.below(text.length + 1);
  return chance.pick([
    () => text.slice(0, at),
    () => text.slice(0, at) + text.slice(at + 1 + chance.below(20)),
    () => text.slice(0, at) + chance.pick(['"', '}', ']', ',', '9', '\\', '\u0000', '😀']) + text.slice(at),
    () => text.slice(at) + text.slice(0, at),
    () => text + text.slice(at),
  ])();
}
