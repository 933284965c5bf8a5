import { angleUnits } from '@/core/base/angle';
import { inView } from '@/core/line/line';
import type { Settings } from '@/core/notebook/schema';
import { inDepth } from '@/core/stack/stack';
import type { StackDepth } from '@/core/stack/stack';
import { DEFAULT_SETTINGS, fromNotebook, optionsOf } from './document';
import { notice } from './notice';
import { convertLine } from './notation';
import { changed } from './state';
import type { Actions, Change, Get, State } from './state';

type SettingActions = Pick<
  Actions,
  | 'set'
  | 'resetSettings'
  | 'putSettingsBack'
  | 'offer'
  | 'nextAngleUnit'
  | 'openDrawer'
  | 'openNotebook'
  | 'say'
  | 'setKeeping'
>;

/** Whether values look the same under both. */
const isShownSame = (a: Settings, b: Settings): boolean =>
  a.display === b.display && a.angle === b.angle && a.complex === b.complex;

/** What the stack loses when it gets four levels can be brought back. */
function atDepth(state: State, depth: StackDepth): Partial<State> {
  const { document } = state;
  const stack = inDepth(document.stack, depth);
  if (stack === document.stack) return { document };
  const isFallen = stack.levels.length < document.stack.levels.length;
  if (!isFallen) return { document: { ...document, stack } };
  return { ...changed(state, 'depth', { ...document, stack }), notice: notice('levels-fallen', '', true) };
}

/** Settings, the drawer, notebooks, and what is said. */
export const settingActions = (change: Change, get: Get): SettingActions => ({
  set: (settings) =>
    change((state) => {
      const next = { ...state.settings, ...settings };
      const { line } = state.document;
      const { impliedFirst, display } = state.settings;
      const converted = convertLine(line, { impliedFirst, decimalSign: display.decimalSign }, next);
      const made = inView(converted, next.view, optionsOf(next));
      return {
        ...atDepth(made === line ? state : { ...state, document: { ...state.document, line: made } }, next.depth),
        settings: next,
        ...(isShownSame(state.settings, next) ? {} : { forms: { known: new WeakMap() } }),
        ...(next.style === state.settings.style ? {} : { asking: null, refused: null }),
        reported: null,
      };
    }),
  nextAngleUnit: () => {
    const at = angleUnits.indexOf(get().settings.angle);
    get().set({ angle: angleUnits[(at + 1) % angleUnits.length]! });
  },
  resetSettings: () => {
    const { settings } = get();
    get().set(DEFAULT_SETTINGS);
    change(() => ({ settingsBefore: settings, notice: notice('settings-reset') }));
  },
  putSettingsBack: () => {
    const { settingsBefore } = get();
    if (settingsBefore !== null) get().set(settingsBefore);
    change(() => ({ settingsBefore: null }));
  },
  offer: (offered) => change(() => ({ offered })),
  openDrawer: (drawer) => change(() => ({ drawer })),
  openNotebook: (notebook, isStart) =>
    change((state) => ({
      ...(isStart
        ? { document: fromNotebook(notebook) }
        : {
            ...changed(state, 'open-notebook', fromNotebook(notebook)),
            notice: notice('notebook-opened', '', true),
          }),
      settings: notebook.settings,
      forms: { known: new WeakMap() },
      asking: null,
      work: null,
      waiting: null,
      refused: null,
      reported: null,
      chosen: null,
    })),
  say: (said) => change(() => ({ notice: said })),
  setKeeping: (keeping) => change(() => ({ keeping })),
});
