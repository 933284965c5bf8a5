import { itemAt } from '@/core/base/item';
import { functionNames } from '@/core/function';
import { parse } from '@/core/language/parse';
import { printText, TYPED } from '@/core/language/print-text';
import {
  LONGEST_FUNCTION,
  LONGEST_NAME,
  MOST_FUNCTIONS,
  MOST_LOOKS,
  MOST_PICKED,
  isView,
} from '@/core/notebook/curves';
import type { DrawnFunction, SavedCurves, Axis, ShownPoints, TableSettings, View } from '@/core/notebook/curves';
import type { Settings } from '@/core/notebook/settings';
import { overflow } from '@/state/slices/bounds';
import type { StepName } from '@/state/slices/parts';
import { notice } from '@/state/slices/notice';
import { changed } from '@/state/slices/state';
import type { Change, State } from '@/state/slices/state';
import type { DataColumn } from '@/core/notebook/columns';

/** What is done to functions, the view, and the table of the Curves place. */
export type CurveActions = Readonly<{
  /** A function as the notebook keeps it: typed text with a point. */
  addFunction: (text: string) => void;
  changeFunction: (id: string, part: Partial<Omit<DrawnFunction, 'id'>>) => void;
  copyFunction: (id: string) => void;
  /** By so many places down the list; up where it is negative. */
  moveFunction: (id: string, by: number) => void;
  removeFunction: (id: string) => void;
  clearFunctions: () => void;
  setView: (view: View | null) => void;
  setAxis: (which: 'x' | 'y', axis: Partial<Axis>) => void;
  setTable: (table: Partial<TableSettings>) => void;
  setPoints: (points: ShownPoints | null) => void;
  /** A function over the points of two columns, the view and the names of the axes made for them. */
  layOver: (text: string, of: Readonly<{ x: DataColumn; y: DataColumn }>, view: View) => void;
}>;

const names = ['f', 'g', 'h', 'p', 'q', 'r', 's', 't'] as const;

/** A typed line as the notebook keeps it: with a point, whatever the settings are; null when it cannot be read. */
export function toCanonicalText(
  text: string,
  { display, impliedFirst }: Pick<Settings, 'display' | 'impliedFirst'>,
): string | null {
  const reading = parse(text, { functions: functionNames, decimalSign: display.decimalSign, impliedFirst });
  if (!reading.ok || reading.value.target !== null) return null;
  const plain = printText(reading.value.tree, TYPED);
  return plain.length > LONGEST_FUNCTION ? null : plain;
}

/** The smallest number that no function has for its id yet. */
const freeId = (functions: readonly DrawnFunction[]): string =>
  `f${1 + functions.reduce((most, { id }) => Math.max(most, Number(id.slice(1)) || 0), 0)}`;

/** The style that the fewest functions have. */
function freeStyle(functions: readonly DrawnFunction[]): number {
  const counts = Array.from({ length: MOST_LOOKS }, (_, style) => functions.filter((f) => f.style === style).length);
  return counts.indexOf(Math.min(...counts));
}

const freeName = (functions: readonly DrawnFunction[]): string =>
  names.find((name) => functions.every((f) => f.name !== name)) ?? `f${functions.length + 1}`;

/** The curves with one more function; null when there is no room. */
export function withFunction(curves: SavedCurves, text: string): SavedCurves | null {
  const { functions } = curves;
  if (functions.length >= MOST_FUNCTIONS) return null;
  const result = { id: freeId(functions), name: freeName(functions), text, style: freeStyle(functions), on: true };
  return { ...curves, functions: [...functions, result] };
}

function withCurves(state: State, step: StepName, change: Partial<SavedCurves>, thought?: string): Partial<State> {
  const { document } = state;
  return changed(state, step, { ...document, curves: { ...document.curves, ...change } }, thought);
}

export const curveActions = (change: Change): CurveActions => ({
  addFunction: (text) =>
    change((state) => {
      const result = withFunction(state.document.curves, text);
      if (result === null) return { notice: notice('functions-full') };
      return overflow(LONGEST_FUNCTION, text) ?? withCurves(state, 'function', result);
    }),
  changeFunction: (id, part) =>
    change((state) => {
      const { functions } = state.document.curves;
      const isSwitch = Object.keys(part).join() === 'on';
      const full = overflow(LONGEST_NAME, part.name) ?? overflow(LONGEST_FUNCTION, part.text);
      if (full !== null || !functions.some((f) => f.id === id)) return full ?? {};
      return withCurves(
        state,
        isSwitch ? 'switch-function' : 'function',
        { functions: functions.map((f) => (f.id === id ? { ...f, ...part } : f)) },
        // A text is written anew as a whole; names and looks are tried.
        part.text === undefined ? `${Object.keys(part).join()} of ${id}` : undefined,
      );
    }),
  copyFunction: (id) =>
    change((state) => {
      const { functions } = state.document.curves;
      const at = functions.findIndex((f) => f.id === id);
      if (functions.length >= MOST_FUNCTIONS || at < 0) return { notice: notice('functions-full') };
      const result = {
        ...itemAt(functions, at),
        id: freeId(functions),
        name: freeName(functions),
        style: freeStyle(functions),
      };
      return withCurves(state, 'function', { functions: functions.toSpliced(at + 1, 0, result) });
    }),
  moveFunction: (id, by) =>
    change((state) => {
      const { functions } = state.document.curves;
      const at = functions.findIndex((f) => f.id === id);
      const to = at + by;
      if (at < 0 || to < 0 || to >= functions.length) return {};
      const rest = functions.toSpliced(at, 1);
      return withCurves(state, 'move-function', { functions: rest.toSpliced(to, 0, itemAt(functions, at)) });
    }),
  removeFunction: (id) =>
    change((state) => ({
      ...withCurves(state, 'remove-function', {
        functions: state.document.curves.functions.filter((f) => f.id !== id),
      }),
      notice: notice('function-removed', '', true),
    })),
  clearFunctions: () =>
    change((state) =>
      state.document.curves.functions.length === 0
        ? {}
        : {
            ...withCurves(state, 'clear-functions', { functions: [] }),
            notice: notice('functions-cleared', '', true),
          },
    ),
  setView: (view) => change((state) => (view === null || isView(view) ? withCurves(state, 'view', { view }) : {})),
  setAxis: (which, axis) =>
    change(
      (state) =>
        overflow(LONGEST_NAME, axis.name, axis.unit) ??
        withCurves(state, 'axes', { [which]: { ...state.document.curves[which], ...axis } }, which),
    ),
  setTable: (table) =>
    change((state) => {
      if ((table.picked?.length ?? 0) > MOST_PICKED) return { notice: notice('picked-full') };
      const full = overflow(LONGEST_FUNCTION, table.from, table.step, table.to, ...(table.picked ?? []));
      return (
        full ??
        withCurves(
          state,
          'table',
          { table: { ...state.document.curves.table, ...table } },
          table.picked === undefined ? Object.keys(table).join() : undefined,
        )
      );
    }),
  setPoints: (points) =>
    change((state) => changed(state, 'points', { ...state.document, curves: { ...state.document.curves, points } })),
  layOver: (text, { x, y }, view) =>
    change((state) => {
      const { curves } = state.document;
      const result = withFunction(curves, text);
      if (result === null) return { notice: notice('functions-full') };
      const named = (column: DataColumn, axis: Axis): Axis => ({ ...axis, name: column.name, unit: column.unit });
      return changed(state, 'function', {
        ...state.document,
        curves: {
          ...result,
          points: { x: x.id, y: y.id, on: true },
          view,
          x: named(x, curves.x),
          y: named(y, curves.y),
        },
      });
    }),
});
