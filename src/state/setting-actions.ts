import { angleUnits } from '@/core/base/angle';
import { caretOf, inView, lineOf, textOf } from '@/core/line/line';
import { fromNotebook, optionsOf } from './document';
import { notice } from './notice';
import { respell } from './respell';
import { changed } from './state';
import type { Actions, Change, Get } from './state';

type SettingActions = Pick<
  Actions,
  'set' | 'offer' | 'nextAngleUnit' | 'openDrawer' | 'openNotebook' | 'say' | 'setKeeping'
>;

/** Settings, the drawer, notebooks, and what is said. */
export const settingActions = (change: Change, get: Get): SettingActions => ({
  set: (settings) =>
    change((state) => {
      const next = { ...state.settings, ...settings };
      const { line } = state.document;
      const [before, after] = [state.settings, next].map((s) => ({ ...s, decimalSign: s.display.decimalSign }));
      const old = textOf(line, before!.decimalSign);
      const text = respell(old, before!, after!);
      const options = optionsOf(next);
      const isSame = text === old && next.impliedFirst === state.settings.impliedFirst;
      const respelled = isSame
        ? line
        : lineOf(text, line.kind, options, Math.min(text.length, caretOf(line, before!.decimalSign)));
      const made = inView(respelled, next.view, options);
      return {
        settings: next,
        ...(made === line ? {} : { document: { ...state.document, line: made } }),
        reported: null,
      };
    }),
  nextAngleUnit: () => {
    const at = angleUnits.indexOf(get().settings.angle);
    get().set({ angle: angleUnits[(at + 1) % angleUnits.length]! });
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
      reported: null,
      chosen: null,
    })),
  say: (said) => change(() => ({ notice: said })),
  setKeeping: (keeping) => change(() => ({ keeping })),
});
