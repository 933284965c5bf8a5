import { isReadable } from '@/core/keyed/entry';
import {
  EMPTY_CURVES,
  MOST_FUNCTIONS,
  axisSchema,
  curvesSchema,
  functionSchema,
  pointsSchema,
  valuesSchema,
  viewSchema,
} from '@/core/notebook/curves';
import type { DrawnFunction, SavedCurves } from '@/core/notebook/curves';
import { isObject, memberOf, nameOf, readAs, withMore, withOwnIds } from '@/state/kernel/found';
import type { Old } from '@/state/kernel/found';
import { defineSlice } from '@/state/kernel/slice';
import type { SavedPart } from '@/state/kernel/slice';

type CurvesDocument = Readonly<{ curves: SavedCurves }>;

/** What version 5 began with; it stays as it is when the app begins otherwise. */
const FIRST_CURVES: Old = {
  functions: [],
  view: null,
  x: { name: 'x', unit: '', ticks: 'decimal' },
  y: { name: 'y', unit: '', ticks: 'decimal' },
  table: { by: 'step', from: '-5', step: '1', to: '5', picked: [], exact: true },
};

const renamedStyle = (found: unknown): unknown => {
  if (!isObject(found) || !('look' in found)) return found;
  const { look, ...rest } = found;
  return { ...rest, style: look };
};

const curvesPart: SavedPart<SavedCurves> = {
  schema: curvesSchema,
  salvaged: (found, aside) => {
    const { functions, view, x, y, table, points } = aside.object('view', '', found);
    const drawn: DrawnFunction[] = [];
    for (const [i, part] of aside.list('function', '', functions).entries()) {
      const result = i < MOST_FUNCTIONS ? readAs(functionSchema, part) : null;
      if (result !== null && isReadable(result.text)) drawn.push(result);
      else aside.put('function', nameOf(part), memberOf(part, 'text'), part);
    }
    return {
      functions: withOwnIds(drawn, 'f'),
      points: aside.or(readAs(pointsSchema, points), null, 'points', points),
      view: aside.or(readAs(viewSchema, view), null, 'view', view),
      x: aside.or(readAs(axisSchema, x), EMPTY_CURVES.x, 'x', x),
      y: aside.or(readAs(axisSchema, y), EMPTY_CURVES.y, 'y', y),
      table: aside.or(readAs(valuesSchema, table), EMPTY_CURVES.table, 'table', table),
    };
  },
  migrations: {
    5: () => FIRST_CURVES,
    6: (found) => withMore(found, { points: null }),
    8: (found) =>
      isObject(found) && Array.isArray(found['functions'])
        ? { ...found, functions: found['functions'].map(renamedStyle) }
        : found,
  },
};

const document: CurvesDocument = { curves: EMPTY_CURVES };

/** Functions of x, the view, the axes, and how the table of values is made. */
export const curves = defineSlice({
  document,
  sight: {},
  steps: [
    'function',
    'switch-function',
    'move-function',
    'remove-function',
    'clear-functions',
    'view',
    'axes',
    'table',
    'points',
  ],
  notices: ['functions-full', 'function-removed', 'functions-cleared', 'picked-full'],
  saved: { curves: curvesPart },
  toSaved: (d: CurvesDocument) => ({ curves: d.curves }),
  fromSaved: (saved) => ({ document: { curves: saved.curves }, sight: {} }),
});
