import fc from 'fast-check';
import type { EntryStyle } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { pressSynchronously, settleSynchronously } from '@/state/sync-driver';
import { DEFAULT_SETTINGS } from '@/state/slices/parts';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { createStore } from '@/state/store';

/*
 * One core, three styles: what is keyed in one comes to the same value, or the same problem, in another.
 */

const SEED = 20261125;

const worked = { shouldContinue: () => true, random: () => 0n };

/** What keys come to in a style; a problem ends them. */
function outcome(style: EntryStyle, ids: readonly string[], settings: Partial<Settings> = {}): string {
  const store = createStore(() => 0);
  const display = { ...DEFAULT_SETTINGS.display, digits: 15 };
  store.getState().set({ ...DEFAULT_SETTINGS, ...settings, style, display });
  for (const id of ids) {
    pressSynchronously(store, keys[id as KeyId].does, worked);
    const { refused } = store.getState();
    if (refused !== null) return refused.problem.code;
  }
  if (style === 'stack') pressSynchronously(store, keys.push.does, worked);
  settleSynchronously(store, worked);
  const state = store.getState();
  const { live, document } = state;
  if (style === 'written')
    return live.kind === 'answer' ? live.answer.forms[0]!.text : live.kind === 'problem' ? live.problem.code : '';
  if (style === 'running') return document.tape.at(-1)!.forms[0]!.text;
  return formsOfHolder(state, document.stack.levels.at(-1)!)[0]?.text ?? 'nothing';
}

type Tree =
  | { kind: 'number'; keys: readonly string[] }
  | { kind: 'one'; key: string; of: Tree; written: 'call' | 'behind' | 'minus' }
  | { kind: 'two'; key: string; left: Tree; right: Tree; written: 'call' | 'between' };

const digitsOf = (n: number): string[] => [...String(n)].map((c) => (c === '.' ? 'point' : `d${c}`));
const number = fc
  .oneof(fc.nat(30), fc.constantFrom(0.5, 2.25, 0.1))
  .map((n): Tree => ({ kind: 'number', keys: digitsOf(n) }));
const constant = fc.constantFrom('pi', 'e').map((id): Tree => ({ kind: 'number', keys: [id] }));
const { tree } = fc.letrec<{ tree: Tree }>((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    number,
    constant,
    fc.record({
      kind: fc.constant('one' as const),
      key: fc.constantFrom('sqrt', 'sin', 'ln', 'abs', 'floor', 'atan'),
      of: tie('tree'),
      written: fc.constant('call' as const),
    }),
    fc.record({
      kind: fc.constant('one' as const),
      key: fc.constantFrom('square', 'inverse', 'factorial', 'percent', 'degree'),
      of: tie('tree'),
      written: fc.constant('behind' as const),
    }),
    fc.record({
      kind: fc.constant('one' as const),
      key: fc.constant('negate'),
      of: tie('tree'),
      written: fc.constant('minus' as const),
    }),
    fc.record({
      kind: fc.constant('two' as const),
      key: fc.constantFrom('plus', 'minus', 'times', 'divide', 'mod', 'power'),
      left: tie('tree'),
      right: tie('tree'),
      written: fc.constant('between' as const),
    }),
    fc.record({
      kind: fc.constant('two' as const),
      key: fc.constantFrom('nCr', 'nPr', 'root', 'gcd', 'max'),
      left: tie('tree'),
      right: tie('tree'),
      written: fc.constant('call' as const),
    }),
  ),
}));

/** A percent is a share of what it is added to only where it stands bare; everything else goes in brackets. */
const bracketed = (t: Tree): string[] =>
  t.kind === 'number' || (t.kind === 'one' && t.key === 'percent') ? written(t) : ['open', ...written(t), 'close'];

function written(t: Tree): string[] {
  switch (t.kind) {
    case 'number':
      return [...t.keys];
    case 'one': {
      const of = t.of.kind === 'number' ? [...t.of.keys] : ['open', ...written(t.of), 'close'];
      if (t.written === 'call') return [t.key, ...written(t.of), 'close'];
      return t.written === 'behind' ? [...of, t.key] : ['minus', ...of];
    }
    case 'two':
      return t.written === 'call'
        ? [t.key, ...written(t.left), 'separator', ...written(t.right), 'close']
        : [...bracketed(t.left), t.key, ...bracketed(t.right)];
  }
}

/** Whether the last key of a tree leaves a number being keyed, so that only Push sets the next one off from it. */
const isKeyed = (t: Tree): boolean =>
  t.kind === 'number'
    ? /^(d\d|point)$/.test(t.keys.at(-1)!)
    : t.kind === 'one' && (t.key === 'negate' ? isKeyed(t.of) : t.key === 'degree' && isSigned(t.of));
const isSigned = (t: Tree): boolean =>
  (t.kind === 'one' && t.key === 'negate' && isSigned(t.of)) || (t.kind === 'number' && isKeyed(t));

function stacked(t: Tree): string[] {
  switch (t.kind) {
    case 'number':
      return [...t.keys];
    case 'one':
      return [...stacked(t.of), t.key];
    case 'two': {
      const [left, right] = [stacked(t.left), stacked(t.right)];
      return [...left, ...(isKeyed(t.left) ? ['push'] : []), ...right, t.key];
    }
  }
}

const depthOf = (t: Tree): number =>
  t.kind === 'number' ? 1 : t.kind === 'one' ? depthOf(t.of) : Math.max(depthOf(t.left), 1 + depthOf(t.right));

test(`a tree keyed in Stack and in Written comes to the same (seed ${SEED})`, () => {
  fc.assert(
    fc.property(tree, fc.boolean(), (t, complex) => {
      expect(outcome('stack', stacked(t), { complex })).toBe(
        outcome('written', written(t), { view: 'typed', complex }),
      );
    }),
    { seed: SEED, numRuns: 150 },
  );
});

test(`four levels and any number of them agree while no more than four are needed (seed ${SEED})`, () => {
  fc.assert(
    fc.property(
      tree.filter((t) => depthOf(t) <= 4),
      (t) => {
        const ids = stacked(t);
        expect(outcome('stack', ids, { depth: 'four' })).toEqual(outcome('stack', ids));
      },
    ),
    { seed: SEED, numRuns: 200 },
  );
});

const operator = fc.constantFrom('plus', 'minus', 'times', 'divide', 'power', 'mod');
const chain = fc.tuple(fc.nat(12), fc.array(fc.tuple(operator, fc.nat(12), fc.boolean()), { maxLength: 6 }));

test(`Running by precedence agrees with Written on chains of operators (seed ${SEED})`, () => {
  fc.assert(
    fc.property(chain, ([first, rest]) => {
      const keysOf = (isWritten: boolean): string[] => [
        ...digitsOf(first),
        ...rest.flatMap(([op, n, isPercent]) => [
          op,
          ...digitsOf(n),
          ...(isPercent && (op === 'plus' || op === 'minus') ? ['percent'] : []),
        ]),
        ...(isWritten ? [] : ['answer']),
      ];
      expect(outcome('running', keysOf(false))).toBe(outcome('written', keysOf(true), { view: 'typed' }));
    }),
    { seed: SEED, numRuns: 150 },
  );
});
