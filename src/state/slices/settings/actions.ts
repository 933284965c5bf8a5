import { itemAt } from '@/core/base/item';
import { angleUnits } from '@/core/base/angle';
import { inView } from '@/core/line/line';
import { isShownSame } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import { inDepth } from '@/core/stack/stack';
import type { StackDepth } from '@/core/stack/stack';
import { fromNotebook } from '@/state/slices/notebook';
import { optionsOf } from '@/state/slices/bench/reading';
import { endedKept, keptBefore } from '@/state/slices/exam/ended';
import { isOff } from '@/state/slices/exam/off';
import { notice } from '@/state/slices/notice';
import { convertLine } from '@/state/slices/bench/notation';
import { changed } from '@/state/slices/state';
import type { Change, State } from '@/state/slices/state';
import type { Shared } from '@/core/notebook/shared';
import type { DrawerId } from '@/keys/decks';
import type { PersistenceStatus } from '@/state/kernel/keeping';
import { noForms } from '@/state/slices/bench/moment';
import type { Notebook } from '@/state/slices/notebook';
import type { Notice } from '@/state/slices/notice';

/** Settings, the drawer, notebooks, and what is said. */
export type SettingActions = Readonly<{
  set: (settings: Partial<Settings>) => void;
  resetSettings: () => void;
  putSettingsBack: () => void;
  nextAngleUnit: () => void;
  offer: (offered: Shared | null) => void;
  openDrawer: (drawer: DrawerId) => void;
  openNotebook: (notebook: Notebook, isStart: boolean) => void;
  say: (notice: Notice | null) => void;
  setKeeping: (keeping: PersistenceStatus) => void;
  setSaving: (isSaving: boolean) => void;
}>;

/** What the stack loses when it gets four levels can be brought back. */
function atDepth(state: State, depth: StackDepth): Partial<State> {
  const { document } = state;
  const stack = inDepth(document.stack, depth);
  if (stack === document.stack) return { document };
  const isFallen = stack.levels.length < document.stack.levels.length;
  if (!isFallen) return { document: { ...document, stack } };
  return { ...changed(state, 'depth', { ...document, stack }), notice: notice('levels-fallen', '', true) };
}

/** The state under other settings: its line as they have it, its stack no deeper than they let it be. */
export function withSettings(state: State, settings: Partial<Settings>): Partial<State> {
  const next = { ...state.settings, ...settings };
  const { line } = state.document;
  const { impliedFirst, display } = state.settings;
  const converted = convertLine(line, { impliedFirst, decimalSign: display.decimalSign }, next);
  const result = inView(converted, next.view, optionsOf(next));
  return {
    ...atDepth(result === line ? state : { ...state, document: { ...state.document, line: result } }, next.depth),
    settings: next,
    ...(isShownSame(state.settings, next) ? {} : { formsCache: noForms() }),
    ...(next.style === state.settings.style ? {} : { asking: null, refused: null }),
    reported: null,
  };
}

/** What an examination that is on does not let in: another one, and what opens where it may not be gone to. */
const isBarred = (state: State, offered: Shared | null): boolean =>
  offered !== null &&
  state.document.exam !== null &&
  (offered.kind === 'exam' || (offered.kind === 'sheet' && isOff(state, 'kit')));

export const settingActions = (change: Change, first: Settings): SettingActions => ({
  set: (settings) => change((state) => withSettings(state, settings)),
  nextAngleUnit: () =>
    change((state) => {
      const at = angleUnits.indexOf(state.settings.angle);
      return withSettings(state, { angle: itemAt(angleUnits, (at + 1) % angleUnits.length) });
    }),
  resetSettings: () =>
    change((state) => ({
      ...withSettings(state, first),
      settingsBefore: state.settings,
      notice: notice('settings-reset'),
    })),
  putSettingsBack: () =>
    change((state) => ({
      ...(state.settingsBefore === null ? {} : withSettings(state, state.settingsBefore)),
      settingsBefore: null,
    })),
  offer: (offered) =>
    change((state) => (isBarred(state, offered) ? { offered: null, notice: notice('not-in-exam') } : { offered })),
  openDrawer: (drawer) => change(() => ({ drawer })),
  openNotebook: (notebook, isStart) =>
    change((state) => {
      if (!isStart && state.document.exam !== null) return { notice: notice('not-in-exam') };
      const found = fromNotebook(notebook);
      // A file may have been saved during an examination; that is over where it is opened.
      const opened = isStart || found.document.exam === null ? found : endedKept(found, keptBefore(found.document));
      return {
        ...opened,
        ...(isStart
          ? {}
          : { ...changed(state, 'open-notebook', opened.document), notice: notice('notebook-opened', '', true) }),
        formsCache: noForms(),
        asking: null,
        work: null,
        waiting: null,
        refused: null,
        reported: null,
        chosen: null,
      };
    }),
  say: (said) => change(() => ({ notice: said })),
  setKeeping: (keeping) => change(() => ({ keeping })),
  setSaving: (isSaving) => change((state) => (state.isSaving === isSaving ? {} : { isSaving })),
});
