import type { AngleUnit } from '@/core/base/angle';
import { itemAt } from '@/core/base/item';
import type { VectorResultId } from '@/text/kit/vectors';
import type { Table } from '@/places/kit/parts/table';
import { isPolar, vectorNames } from './inputs';
import type { VectorEntries, VectorName } from './inputs';

const bracketed = (text: string): string => (text === '' ? '0' : `(${text})`);

/** The vectors that something was entered for, each as a column of typed texts. */
export function vectorsIn(entries: VectorEntries): Readonly<Partial<Record<VectorName, Table>>> {
  const result: Partial<Record<VectorName, Table>> = {};
  for (const [i, name] of vectorNames.entries()) {
    if (isPolar(entries)) {
      const [length = '', direction = ''] = itemAt(entries.polar, i);
      if (length === '' && direction === '') continue;
      const [r, t] = [bracketed(length), bracketed(direction)];
      const [east, north] = [`${r}*cos(${t})`, `${r}*sin(${t})`];
      // A bearing is measured from north, clockwise.
      result[name] = entries.bearing === 'on' ? [[north], [east]] : [[east], [north]];
    } else {
      const cells = itemAt(entries.cells, i).slice(0, Number(entries.space));
      if (cells.some((text) => text !== '')) result[name] = cells.map((text) => [text]);
    }
  }
  return result;
}

/** A full turn in each unit, as it is typed. */
const TURNS: Readonly<Record<AngleUnit, string>> = { deg: '360', rad: '(2*pi)', grad: '400' };
const QUARTERS: Readonly<Record<AngleUnit, string>> = { deg: '90', rad: 'pi/2', grad: '100' };

/** Something told of vectors: `text` is worked with the vectors under their letters. */
export type Told = Readonly<{
  id: VectorResultId;
  group: 'each' | 'together' | 'three';
  of: readonly string[];
  text: string;
}>;

/** What is told of the vectors that are there; of the pair that is chosen where there are three. */
export function toldOf(entries: VectorEntries, unit: AngleUnit): readonly Told[] {
  const present = vectorsIn(entries);
  const names = vectorNames.filter((name) => present[name] !== undefined);
  const isPlane = entries.space === '2';
  const told: Told[] = [];
  for (const u of names) {
    const add = (id: VectorResultId, text: string): number => told.push({ id, group: 'each', of: [u], text });
    if (isPolar(entries)) add('vector', u);
    add('length', `norm(${u})`);
    add('unit', `unit(${u})`);
    const argument = `arg(${u}[1]+${u}[2]*i)`;
    if (isPlane && entries.bearing === 'on') add('bearing', `(${QUARTERS[unit]}-${argument}) mod ${TURNS[unit]}`);
    else if (isPlane) add('direction', `${argument} mod ${TURNS[unit]}`);
    else {
      add('withX', `angle(${u},[1,0,0])`);
      add('withY', `angle(${u},[0,1,0])`);
      add('withZ', `angle(${u},[0,0,1])`);
    }
  }
  const [u, v] = pairOf(entries);
  if (present[u] !== undefined && present[v] !== undefined) {
    const add = (id: VectorResultId, text: string): number => told.push({ id, group: 'together', of: [u, v], text });
    add('sum', `${u}+${v}`);
    add('difference', `${u}-${v}`);
    const [a, b] = [entries.a, entries.b];
    if (a !== '' || b !== '') add('multiples', `(${a === '' ? '1' : a})*${u}+(${b === '' ? '1' : b})*${v}`);
    add('dot', `dot(${u},${v})`);
    add('angle', `angle(${u},${v})`);
    add('projection', `proj(${u},${v})`);
    if (isPlane) add('area', `abs(${u}[1]*${v}[2]-${u}[2]*${v}[1])`);
    else {
      add('cross', `cross(${u},${v})`);
      add('area', `norm(cross(${u},${v}))`);
    }
  }
  if (names.length === vectorNames.length) {
    told.push({ id: 'total', group: 'three', of: [], text: 'u+v+w' });
    if (!isPlane) told.push({ id: 'triple', group: 'three', of: [], text: 'dot(u,cross(v,w))' });
  }
  return told;
}

export function pairOf(entries: VectorEntries): readonly [VectorName, VectorName] {
  const present = vectorsIn(entries);
  if (present.w === undefined) return ['u', 'v'];
  const [u, v] = [...entries.pair] as [VectorName, VectorName];
  return [u, v];
}

/** The rank of the vectors that are there, one to a row: as many as they are where they are independent. */
export function rankText(entries: VectorEntries): Readonly<{ text: string; count: number }> | null {
  const present = vectorsIn(entries);
  const names = vectorNames.filter((name) => present[name] !== undefined);
  if (names.length < 2) return null;
  const size = Number(entries.space);
  const row = (name: string): string => `[${Array.from({ length: size }, (_, k) => `${name}[${k + 1}]`).join(',')}]`;
  return { text: `rank([${names.map(row).join(',')}])`, count: names.length };
}

/** How something is worked, written out in numbers; null where there is nothing to show. */
export function stepsText({ id, of }: Told, vectors: Readonly<Partial<Record<string, Table>>>): string | null {
  const parts = (name: string | undefined): readonly string[] =>
    (name === undefined ? undefined : vectors[name])?.map(([text = '']) => digitsOr(text)) ?? [];
  const [u, v] = [parts(of[0]), parts(of[1])];
  const at = (of: readonly string[], i: number): string => of[i] ?? '0';
  const sum = (a: readonly string[], b: readonly string[]): string => a.map((x, i) => `${x}*${at(b, i)}`).join('+');
  const size = (a: readonly string[]): string => `sqrt(${a.map((x) => `${x}^2`).join('+')})`;
  const across = (i: number, j: number): string => `${at(u, i)}*${at(v, j)}-${at(u, j)}*${at(v, i)}`;
  switch (id) {
    case 'length':
      return size(u);
    case 'dot':
      return sum(u, v);
    case 'angle':
      return `acos((${sum(u, v)})/(${size(u)}*${size(v)}))`;
    case 'cross':
      return `[${across(1, 2)},${across(2, 0)},${across(0, 1)}]`;
    case 'area':
      return u.length === 2 ? `abs(${across(0, 1)})` : null;
    default:
      return null;
  }
}

/** A number as it is, anything else in brackets. */
const digitsOr = (text: string): string => (/^\d+(\.\d+)?$/.test(text) ? text : bracketed(text));
