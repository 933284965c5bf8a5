import fc from 'fast-check';
import { FIRST_USE } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { mergeColumns } from '@/state/slices/columns/merge';
import type { Document } from '@/state/slices/parts';
import { freeIds, list, one, recognised, record } from './merging';
import type { Lost } from './merging';

/* What two tabs wrote, brought together: what either did alone stays, and what both did is told. */

type Item = Readonly<{ id: string; text: string }>;
const SEED = 20261133;

const item = (id: string, text = id): Item => ({ id, text });
/** The list of two tabs, and the texts that were told to be set aside. */
function joined(base: readonly Item[], mine: readonly Item[], theirs: readonly Item[]) {
  const lost: string[] = [];
  const ids = [...base, ...mine, ...theirs].map(({ id }) => id);
  const free = freeIds(ids, 'a');
  const found = list(
    base,
    mine,
    theirs,
    (before, own, other) => one(before ?? own, own, other, () => lost.push(other.text)),
    (own) => ({ ...own, id: free() }),
  );
  return { found, lost };
}
const told = (items: readonly Item[]): string =>
  items.map(({ id, text }) => (id === text ? id : `${id}:${text}`)).join(' ');

const [a1, a2, a3] = [item('a1'), item('a2'), item('a3')];
const base = [a1, a2, a3];
const [own, other] = [item('a2', 'own'), item('a2', 'other')];

test.each<readonly [string, readonly Item[], readonly Item[], string, readonly string[]]>([
  ['nothing', base, base, 'a1 a2 a3', []],
  ['one here', [a1, own, a3], base, 'a1 a2:own a3', []],
  ['one there', base, [a1, other, a3], 'a1 a2:other a3', []],
  ['the same in both', [a1, own, a3], [a1, item('a2', 'own'), a3], 'a1 a2:own a3', []],
  ['one in both', [a1, own, a3], [a1, other, a3], 'a1 a2:own a3', ['other']],
  ['removed here', [a1, a3], base, 'a1 a3', []],
  ['removed there', base, [a1, a3], 'a1 a3', []],
  ['removed here and gone on with there', [a1, a3], [a1, other, a3], 'a1 a2:other a3', []],
  ['gone on with here and removed there', [a1, own, a3], [a1, a3], 'a1 a3 a2:own', []],
  ['removed in both', [a1, a3], [a1, a3].slice(), 'a1 a3', []],
  ['added here', [...base, item('a4', 'x')], base, 'a1 a2 a3 a4:x', []],
  ['added in both under one id', [...base, item('a4', 'x')], [...base, item('a4', 'y')], 'a1 a2 a3 a4:y a5:x', []],
  ['added in both alike', [...base, item('a4', 'x')], [...base, item('a4', 'x')], 'a1 a2 a3 a4:x', []],
])('of a list, changed is %s', (_, mine, theirs, found, lost) => {
  const all = joined(base, mine, theirs);
  expect([told(all.found), all.lost]).toEqual([found, lost]);
});

test.each([
  [
    { x: 1, y: 1 },
    { x: 2, y: 1 },
    { x: 1, y: 3 },
    { x: 2, y: 3 },
  ],
  [{ x: 1 }, { x: 2 }, { x: 3 }, { x: 2 }],
  [{ x: 1, y: 1 }, { x: 1 }, { x: 2, y: 1 }, { x: 2 }],
  [{ x: 1 }, { x: 1, y: 5 }, { x: 2 }, { x: 2, y: 5 }],
] as readonly (readonly [object, object, object, object])[])('of %j, %j and %j come %j', (was, mine, theirs, found) =>
  expect(record(was, mine, theirs)).toEqual(found),
);

test('what says the same is the object that was there', () => {
  const known = {
    tape: [
      { id: 'l1', text: '1+1' },
      { id: 'l2', text: '2' },
    ],
    name: 'x',
  };
  const read = structuredClone({ ...known, name: 'y' });
  const found = recognised(known, read);
  expect(found).toEqual(read);
  expect(found.tape).toBe(known.tape);
  expect(recognised(known, structuredClone(known))).toBe(known);
  const longer = structuredClone({ ...known, tape: [{ id: 'l0', text: 'new' }, ...known.tape] });
  expect(recognised(known, longer).tape[2]).toBe(known.tape[1]);
});

test('new ids lie beyond all that are taken', () => {
  const free = freeIds(['c1', 'c12', 'c3', 'odd'], 'c');
  expect([free(), free()]).toEqual(['c13', 'c14']);
});

const changes = fc.array(
  fc.record({ kind: fc.constantFrom('add', 'remove', 'change'), at: fc.nat(9), text: fc.string({ maxLength: 4 }) }),
  { maxLength: 5 },
);
type Change = Readonly<{ kind: string; at: number; text: string }>;

/** A list after changes; what is added gets the next id that this tab has free. */
function after(start: readonly Item[], all: readonly Change[]): readonly Item[] {
  const next = freeIds(
    start.map(({ id }) => id),
    'a',
  );
  return all.reduce<readonly Item[]>((items, { kind, at, text }) => {
    if (kind === 'add') return [...items, item(next(), text)];
    const place = items.length === 0 ? -1 : at % items.length;
    return kind === 'remove'
      ? items.filter((_, i) => i !== place)
      : items.map((one, i) => (i === place ? item(one.id, `${one.text}${text}!`) : one));
  }, start);
}

test(`whatever two tabs do to a list, no text of either is gone untold, and every id stands once (seed ${SEED})`, () =>
  fc.assert(
    fc.property(changes, changes, (here, there) => {
      const [mine, theirs] = [after(base, here), after(base, there)];
      const { found, lost } = joined(base, mine, theirs);
      expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
      const kept = new Set([...found.map(({ text }) => text), ...lost]);
      const isNew = ({ id, text }: Item): boolean => !base.some((was) => was.id === id && was.text === text);
      for (const written of [...mine, ...theirs].filter(isNew)) expect(kept.has(written.text)).toBe(true);
    }),
    { seed: SEED, numRuns: 300 },
  ));

const table = (id: string, columns: readonly (readonly [id: string, name: string, ...cells: string[]])[]): DataTable =>
  ({
    id,
    name: `Table ${id}`,
    columns: columns.map(([column, name, ...cells]) => ({ id: column, name, unit: '', cells, formula: '' })),
    use: FIRST_USE,
    filter: '',
  }) as unknown as DataTable;

/** The columns of two tabs, brought together: tables as `id name=cells`, and what was set aside. */
function mergedColumns(was: readonly DataTable[], mine: readonly DataTable[], theirs: readonly DataTable[]) {
  const [before, own, other] = [was, mine, theirs].map(
    (tables) => ({ columns: { tables } }) as unknown as Document,
  ) as unknown as [Document, Document, Document];
  const lost: string[] = [];
  const told: Lost = (of, name, text) => void lost.push(`${of} ${name}: ${text.replaceAll('\n', ' ')}`);
  const { columns } = mergeColumns(before, own, other, told, new Map());
  const tables = columns?.tables.map(
    ({ id, columns: all }) => `${id} ${all.map((c) => `${c.id}.${c.name}=${c.cells.join(',')}`).join(' ')}`,
  );
  return { tables, lost };
}

const tide = table('t1', [
  ['c1', 'hour', '0', '1'],
  ['c2', 'height', '3', '4'],
]);
const higher = { ...tide, columns: [tide.columns[0]!, { ...tide.columns[1]!, cells: ['3', '5'] }] };
const later = { ...tide, columns: [{ ...tide.columns[0]!, cells: ['0', '2'] }, tide.columns[1]!] };
const lower = { ...tide, columns: [tide.columns[0]!, { ...tide.columns[1]!, cells: ['2', '4'] }] };
const mussels = table('t2', [['c3', 'length', '52']]);
const ropes = table('t2', [['c3', 'rope', '9']]);

test.each<readonly [string, readonly DataTable[], readonly DataTable[], readonly string[], readonly string[]]>([
  ['a column here, another there', [higher], [later], ['t1 c1.hour=0,2 c2.height=3,5'], []],
  ['one column in both', [higher], [lower], ['t1 c1.hour=0,1 c2.height=3,5'], ['column height: 2 4']],
  ['a table there', [tide], [tide, ropes], ['t1 c1.hour=0,1 c2.height=3,4', 't2 c3.rope=9'], []],
  [
    'a table in both, under one id',
    [tide, mussels],
    [tide, ropes],
    ['t1 c1.hour=0,1 c2.height=3,4', 't2 c3.rope=9', 't4 c4.length=52'],
    [],
  ],
  ['a table removed there, and gone on with here', [higher], [], ['t1 c1.hour=0,1 c2.height=3,5'], []],
])('of data, changed is %s', (_, mine, theirs, tables, lost) =>
  expect(mergedColumns([tide], mine, theirs)).toEqual({ tables, lost }),
);

test('a table that gets another id keeps pointing at its own columns', () => {
  const used = { ...mussels, use: { ...FIRST_USE, one: 'c3', x: 'c3', predictors: ['c3'] } };
  const [before, own, other] = [[tide], [tide, used], [tide, ropes]].map(
    (tables) => ({ columns: { tables } }) as unknown as Document,
  ) as unknown as [Document, Document, Document];
  const { columns } = mergeColumns(before, own, other, () => undefined, new Map());
  const moved = columns!.tables[2]!;
  expect([moved.use.one, moved.use.x, moved.use.predictors]).toEqual([
    moved.columns[0]!.id,
    moved.columns[0]!.id,
    [moved.columns[0]!.id],
  ]);
});
