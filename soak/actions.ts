import { formIds } from '@/core/format/form';
import { fitModelNames } from '@/core/column/fit-models';
import { chartNames } from '@/core/chart/kinds';
import { memoryOperations, registerNames } from '@/core/memory/shelf';
import { classKinds } from '@/core/notebook/columns';
import { entryStyles } from '@/core/notebook/setting-records';
import { settingIds, settingRecord } from '@/core/notebook/settings';
import type { SettingId, Settings } from '@/core/notebook/settings';
import { displayModes } from '@/core/format/settings';
import { angleUnits } from '@/core/base/angle';
import type { SharedLine } from '@/core/notebook/shared';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { drawerIds } from '@/keys/decks';
import { pressSynchronously, settleAll } from '@/state/sync-driver';
import type { Worked } from '@/state/sync-driver';
import type { createStore } from '@/state/store';
import { lineText } from '@/state/slices/bench/reading';
import type { Chance } from './chance';
import { hostile, number, plain } from './lines';

type Store = ReturnType<typeof createStore>;
type Act = (store: Store, chance: Chance, worked: Worked) => void;

const keyIds = Object.keys(keys) as KeyId[];
const digitKeys = keyIds.filter((id) => /^d\d$/.test(id));

const anyText = (chance: Chance): string =>
  chance.pick([() => plain(chance), () => number(chance), () => hostile(chance), () => '', () => '\u0007 <a&"'])();
const anyName = (chance: Chance): string => chance.pick(['', 'height', 'h\u0000', 'm/s', 'x'.repeat(100), '<b>', '😀']);

/** A value for a setting, as its record says what it takes; the line is in boxes more often than not. */
function aSetting(id: SettingId, c: Chance): Settings[SettingId] {
  const { control } = settingRecord(id);
  // A form may stand in a notebook that is not offered.
  if (id === 'form') return c.pick([null, ...formIds]);
  switch (control.kind) {
    case 'switch':
      return c.once(2);
    case 'choice':
      return c.pick([...control.of, settingRecord(id).first]) as Settings[SettingId];
    case 'display':
      return {
        mode: c.pick(displayModes),
        digits: 1 + c.below(15),
        grouping: c.once(2),
        decimalSign: c.pick(['.', ',']),
      };
  }
}

const lineId = (store: Store, chance: Chance): string =>
  chance.pick(['l0', ...store.getState().document.tape.map(({ id }) => id)]);
const functionId = (store: Store, chance: Chance): string =>
  chance.pick(['f0', ...store.getState().document.curves.functions.map(({ id }) => id)]);
const tableId = (store: Store, chance: Chance): string =>
  chance.pick(['t0', ...store.getState().document.columns.tables.map(({ id }) => id)]);
const columnId = (store: Store, chance: Chance): string =>
  chance.pick([
    'c0',
    ...store.getState().document.columns.tables.flatMap(({ columns }) => columns.map(({ id }) => id)),
  ]);
const newColumn = (chance: Chance) => ({
  name: anyName(chance),
  unit: anyName(chance),
  cells: Array.from({ length: chance.below(8) }, () => anyText(chance)),
});
/** A text, and a table whose rows are equally long. */
const entriesOf = (chance: Chance) => {
  const width = 1 + chance.below(4);
  const row = () => Array.from({ length: width }, () => anyText(chance));
  return { equation: anyText(chance), rows: Array.from({ length: 1 + chance.below(4) }, row) };
};
const finite = (chance: Chance): number => (chance.below(2001) - 1000) * 10 ** (chance.below(12) - 6);

const sharedLine = (chance: Chance): SharedLine => ({
  kind: 'line',
  text: anyText(chance).slice(0, 20_000),
  angle: chance.pick(angleUnits),
  impliedFirst: chance.once(2),
  complex: chance.once(2),
  decimalSign: chance.pick(['.', ',']),
  own: chance.once(2) ? null : { mode: 'places', digits: 3 },
  keys: chance.once(2) ? [] : ['d1', '"2'],
});

/** Presses that come often, so that lines and stacks grow to something. */
const pressed: Act = (store, chance, worked) => {
  const id = chance.once(3) ? chance.pick(digitKeys) : chance.pick(keyIds);
  pressSynchronously(store, keys[id].does, worked);
};
const answered: Act = (store, _, worked) => pressSynchronously(store, { type: 'answer' }, worked);

const acts: readonly Act[] = [
  ...Array.from({ length: 40 }, () => pressed),
  ...Array.from({ length: 8 }, () => answered),
  (s, c) => s.getState().retype(anyText(c), c.below(10), c.below(10)),
  (s, c) => s.getState().caretTo(c.below(lineText(s.getState()).length + 1)),
  (s, c) => {
    const length = lineText(s.getState()).length;
    const from = c.below(length + 1);
    s.getState().respan(from, from + c.below(length - from + 1), anyText(c));
  },
  (s, c) => s.getState().rewrite(anyText(c), 'as-read'),
  (s, c) => s.getState().paste(anyText(c)),
  (s, c) => s.getState().paste(plain(c)),
  (s, c) => s.getState().choosePaste(s.getState().pasteQuestion?.choices[c.below(2)] ?? null),
  (s, c) => s.getState().openShared(sharedLine(c)),
  (s, c) => s.getState().tryValue(c.pick(['x', 'y', 'k']), anyText(c)),
  (s, c) => s.getState().setOwnDigits(c.once(2) ? null : { mode: 'scientific', digits: 1 + c.below(15) }),
  (s, c) => s.getState().useLine(lineId(s, c)),
  (s, c) => s.getState().editLine(lineId(s, c)),
  (s) => s.getState().stopEditing(),
  (s, c) => s.getState().useAnswer(lineId(s, c)),
  (s, c) => s.getState().removeLine(lineId(s, c)),
  (s, c) => s.getState().pinLine(lineId(s, c), c.once(2)),
  (s, c) => s.getState().noteLine(lineId(s, c), anyText(c)),
  (s, c) => {
    if (c.once(10)) s.getState().clearTape();
  },
  (s, c) => s.getState().chooseForm(c.pick(formIds)),
  (s, c) => s.getState().chooseTapeForm(lineId(s, c), c.pick(formIds)),
  (s, c) => s.getState().remember(c.pick(memoryOperations), c.pick(registerNames)),
  (s, c) => s.getState().remember('keep', c.pick(registerNames), { line: lineId(s, c) }),
  (s, c) => s.getState().remember(c.pick(memoryOperations), c.pick(registerNames), { level: c.below(4) }),
  (s, c) => s.getState().pick(c.below(5)),
  (s, c) => s.getState().levelToLine(c.below(4)),
  (s, c) => s.getState().levelToColumn(c.below(4), c.once(2) ? null : columnId(s, c)),
  (s) => s.getState().resetSettings(),
  (s) => s.getState().putSettingsBack(),
  (s) => s.getState().nextAngleUnit(),
  (s, c) => {
    const id = c.pick(settingIds);
    s.getState().set({ [id]: aSetting(id, c) });
  },
  (s, c) => s.getState().set({ style: c.pick(entryStyles) }),
  (s, c) => s.getState().openDrawer(c.pick(drawerIds)),
  (s, c) => s.getState().addFunction(plain(c).replace(':=', '+')),
  (s, c) => s.getState().changeFunction(functionId(s, c), { name: anyName(c), style: c.below(8), on: c.once(2) }),
  (s, c) => s.getState().copyFunction(functionId(s, c)),
  (s, c) => s.getState().moveFunction(functionId(s, c), c.pick([1, -1])),
  (s, c) => s.getState().removeFunction(functionId(s, c)),
  (s, c) => s.getState().setView(c.once(4) ? null : viewOf(c)),
  (s, c) =>
    s.getState().setAxis(c.pick(['x', 'y']), { name: anyName(c), unit: anyName(c), ticks: c.pick(['decimal', 'pi']) }),
  (s, c) =>
    s.getState().setTable({ by: c.pick(['step', 'picked']), from: anyText(c), step: anyText(c), picked: [anyText(c)] }),
  (s, c) => s.getState().enter(c.pick(['equations', 'matrices', 'later']), entriesOf(c), c.pick(['one', 'other'])),
  (s, c) => s.getState().clearTool(c.pick(['equations', 'matrices', 'later'])),
  (s) => s.getState().addTable(),
  (s, c) => s.getState().putTable(anyName(c), [newColumn(c), newColumn(c)]),
  (s, c) => s.getState().nameTable(tableId(s, c), anyName(c)),
  (s, c) => s.getState().removeTable(tableId(s, c)),
  (s, c) => s.getState().openTable(tableId(s, c)),
  (s, c) => s.getState().addColumn(tableId(s, c)),
  (s, c) => s.getState().changeColumn(columnId(s, c), { name: anyName(c), unit: anyName(c) }),
  (s, c) => s.getState().moveColumn(columnId(s, c), c.pick([1, -1])),
  (s, c) => s.getState().emptyColumn(columnId(s, c)),
  (s, c) => s.getState().removeColumn(columnId(s, c)),
  (s, c) => s.getState().setCell(columnId(s, c), c.below(20), anyText(c)),
  (s, c) => s.getState().insertRow(tableId(s, c), c.below(10), c.once(2) ? null : [columnId(s, c)]),
  (s, c) => s.getState().deleteRow(tableId(s, c), c.below(10), c.once(2) ? null : [columnId(s, c)]),
  (s, c) => s.getState().moveRow(tableId(s, c), c.below(10), c.pick([1, -1])),
  (s, c) => s.getState().orderRows(tableId(s, c), null, [2, 0, 1]),
  (s, c) =>
    s.getState().setUse(tableId(s, c), {
      one: c.pick([null, columnId(s, c)]),
      x: c.pick([null, columnId(s, c)]),
      frequencies: c.pick([null, columnId(s, c)]),
      classes: c.pick(classKinds),
      chart: c.pick(chartNames),
      model: c.pick(fitModelNames),
      width: anyText(c),
      at: anyText(c),
      degree: 2 + c.below(3),
    }),
  (s, c) => s.getState().putCells(tableId(s, c), columnId(s, c), c.below(10), [newColumn(c), newColumn(c)]),
  (s, c) => s.getState().appendCell(c.once(2) ? null : columnId(s, c), anyText(c)),
  (s, c) => s.getState().setPoints(c.once(2) ? null : { x: columnId(s, c), y: columnId(s, c), on: c.once(2) }),
  (s, c) => s.getState().removeAside(c.once(2) ? null : 'a1'),
  (s, _, worked) => pressSynchronously(s, { type: 'undo' }, worked),
  (s, _, worked) => pressSynchronously(s, { type: 'undo' }, worked),
  (s, _, worked) => pressSynchronously(s, { type: 'redo' }, worked),
];

function viewOf(chance: Chance) {
  const [x, y] = [finite(chance), finite(chance)];
  return { xFrom: x, xTo: x + 10 ** (chance.below(9) - 4), yFrom: y, yTo: y + 10 ** (chance.below(9) - 4) };
}

/** One action of any slice, with everything that follows from it. */
export function actOnce(store: Store, chance: Chance, worked: Worked): void {
  chance.pick(acts)(store, chance, worked);
  settleAll(store, worked);
}
