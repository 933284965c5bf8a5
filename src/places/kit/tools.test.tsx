import { act, screen } from '@testing-library/react';
import fc from 'fast-check';
import type { Entries } from '@/core/notebook/kit';
import { ended, settled, started } from '@/places/testing/app';
import { useStore } from '@/state/app-store';
import { readNotebook, toNotebook, writeNotebook } from '@/state/slices/notebook';
import { words } from '@/text/labels';
import { velmQuayKit } from '../../../demo/velm-quay';
import { tools } from './tools';
import type { ToolRecord } from './tool';

/* Every tool of Kit with whatever may stand in it: what it draws holds together, and nothing is lost. */

jest.mock('@/state/tasks', () =>
  jest.requireActual<typeof import('@/places/testing/in-process')>('@/places/testing/in-process'),
);

jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: () => undefined }),
  useLocalSearchParams: () => ({}),
}));

afterEach(ended);

const SEED = 20261129;

const memberOf = (found: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>(
    (at, name) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[name] : undefined),
    found,
  );

/** What an entry is one of; none where any text may be entered. */
const choicesOf = (inputs: unknown, entry: string): readonly string[] =>
  Object.values(
    (memberOf(inputs, ['_zod', 'def', 'shape', entry, '_zod', 'def', 'innerType', '_zod', 'def', 'entries']) ??
      {}) as Readonly<Record<string, string>>,
  );

// Numbers, lines, what cannot be read or worked, other scripts, and what is far too long for its place.
const text = fc.constantFrom(
  ...['', '0', '1', '-3', '12', '1/3', '2,5', '1/0', '2+', 'x^2-2', 'x=3', 'sqrt(2)', '1E400', 'Ans', '0b101'],
  ...['2024-02-29', '2023-02-29', '[[1,2],[3,4]]', 'a, b', 'мост', '"<b>', '9'.repeat(60), '((('],
);
const table = fc
  .tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 4 }))
  .chain(([rows, columns]) =>
    fc.array(fc.array(text, { minLength: columns, maxLength: columns }), { minLength: rows, maxLength: rows }),
  );

/** Entries of a tool, some as they are at first or in the demo, the others whatever may be entered. */
function entriesFor({ id, inputs }: ToolRecord): fc.Arbitrary<Entries> {
  const first = inputs.parse({}) as Entries;
  const demo = velmQuayKit[id] ?? {};
  const each = Object.entries({ ...first, ...demo }).map(([name, found]) => {
    const choices = choicesOf(inputs, name);
    const any: fc.Arbitrary<Entries[string]> =
      choices.length > 0 ? fc.constantFrom(...choices) : typeof found === 'string' ? text : table;
    return [name, fc.oneof(any, fc.constant(demo[name] ?? found))] as const;
  });
  return fc.record(Object.fromEntries(each));
}

/** What a screen reader is told of no control that has no name. */
const namesOf = (role: 'button' | 'textbox' | 'combobox' | 'radio' | 'switch'): readonly string[] =>
  screen.queryAllByRole(role).map((node) => {
    const label = node.getAttribute('aria-labelledby');
    const named = label === null ? null : document.getElementById(label);
    return node.getAttribute('aria-label') ?? named?.textContent ?? node.textContent;
  });

test.each((tools as readonly ToolRecord[]).map((tool) => [tool.id, tool] as const))(
  `%s draws whatever stands in it: nothing fails, every control has a name, and all of it is kept (seed ${SEED})`,
  async (id, tool) => {
    await fc.assert(
      fc.asyncProperty(entriesFor(tool), async (entries) => {
        started(<tool.screen />);
        act(() => useStore.getState().enter(id, entries));
        await settled();
        const page = document.body.textContent;
        expect(page).not.toContain(words.failed);
        expect(page).not.toMatch(/undefined|NaN|\[object|Infinity/);
        for (const role of ['button', 'textbox', 'combobox', 'radio', 'switch'] as const)
          expect(namesOf(role).filter((name) => name.trim() === '')).toEqual([]);
        const { kit } = useStore.getState().document;
        const read = readNotebook(writeNotebook(toNotebook(useStore.getState())));
        expect(read.kind === 'ok' && read.notebook.kit).toEqual(kit);
      }),
      { seed: SEED, numRuns: 3, endOnFailure: true, plugins: [fc.afterEach(ended)] },
    );
  },
);
