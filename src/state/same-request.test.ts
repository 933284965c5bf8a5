import fc from 'fast-check';
import {
  chartRequest,
  columnsRequest,
  fitRequest,
  pointsRequest,
  summaryRequest,
} from '@/state/slices/columns/requests';
import { curvesRequest } from '@/state/slices/curves/requests';
import { againRequest, requestOf } from '@/state/slices/bench/live';
import { isSameRequest } from './same-request';
import { INITIAL } from '@/state/slices/state';
import type { State } from '@/state/slices/state';
import { createStore } from './store';

const SEED = 20261127;

const plain = fc.letrec<{ data: unknown }>((tie) => ({
  data: fc.oneof(
    { maxDepth: 3 },
    fc.constantFrom(null, true, 0, -0, NaN, 2n, '', 'a'),
    fc.array(tie('data'), { maxLength: 3 }),
    fc.dictionary(fc.constantFrom('a', 'b'), tie('data')),
    fc.dictionary(fc.constantFrom('x', 'y'), tie('data')).map((record) => new Map(Object.entries(record))),
  ),
})).data;

test(`a request is the same as its copy, and two are the same either way round (seed ${SEED})`, () => {
  fc.assert(
    fc.property(fc.clone(plain, 2), plain, ([a, copy], b) => {
      expect(isSameRequest(a, copy)).toBe(true);
      expect(isSameRequest(a, b)).toBe(isSameRequest(b, a));
    }),
    { seed: SEED },
  );
});

/** A state in which the line, a function and two columns name a letter that is kept. */
function lettered(): State {
  const store = createStore(() => 0);
  const { retype, addFunction, putTable, press } = store.getState();
  putTable('Soundings', [
    { name: 'depth', unit: 'm', cells: ['A', '2', '3', '5'] },
    { name: 'time', unit: 's', cells: ['1', 'sin(A)', '4', '6'] },
  ]);
  addFunction('A*sin(x)');
  press({ type: 'insert', text: '1' });
  retype('A+sin(30)', 9, 9);
  const { document, settings } = store.getState();
  const kept = { value: [{ rational: '2' }], full: '2', from: '2', typed: '2', exact: true, line: null, at: 0 };
  return { ...INITIAL, document: { ...document, shelf: { A: kept } }, settings };
}

const state = lettered();
const table = state.document.columns.tables[0]!;
const [x, y] = [table.columns[0]!, table.columns[1]!];

const requests: Readonly<Record<string, (state: State) => object | null>> = {
  line: requestOf,
  'line that is worked again': (s) =>
    againRequest(s, { id: 'l', text: 'A+1', value: null, own: null, tried: {}, decimalSign: '.' } as never, false),
  curves: (s) => curvesRequest(s, s.document.curves.functions),
  columns: (s) => columnsRequest(s, [x, y]),
  'points of columns': (s) => pointsRequest(s, x, y),
  summary: (s) => summaryRequest(s, table),
  chart: (s) => chartRequest(s, table),
  fit: (s) => fitRequest(s, table, { from: 0, count: 9 }),
};

const kept3 = { ...state.document.shelf['A']!, value: [{ rational: '3' }] };
const changes: Readonly<Record<string, (state: State) => State>> = {
  'a letter that is named': (s) => ({ ...s, document: { ...s.document, shelf: { ...s.document.shelf, A: kept3 } } }),
  'the angle unit': (s) => ({ ...s, settings: { ...s.settings, angle: 'rad' } }),
  'complex numbers': (s) => ({ ...s, settings: { ...s.settings, complex: true } }),
  digits: (s) => ({ ...s, settings: { ...s.settings, display: { ...s.settings.display, digits: 5 } } }),
  'the order of implied products': (s) => ({ ...s, settings: { ...s.settings, impliedFirst: true } }),
};

describe.each(Object.entries(requests))('the request of %s', (_, select) => {
  test.each(Object.entries(changes))('is another one after a change of %s', (__, change) => {
    expect(select(state)).not.toBeNull();
    expect(isSameRequest(select(state), select(change(state)))).toBe(false);
  });
  test('is the same after a change of what it does not depend on', () => {
    const other = {
      ...state,
      drawer: 'letters' as const,
      settings: { ...state.settings, theme: 'dark' as const, sound: true },
      document: { ...state.document, shelf: { ...state.document.shelf, Z: kept3 } },
    };
    expect(isSameRequest(select(state), select(other))).toBe(true);
  });
});
