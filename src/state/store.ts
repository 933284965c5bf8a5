import { create } from 'zustand';
import { asideActions } from './aside-actions';
import { columnActions } from './column-actions';
import { curveActions } from './curve-actions';
import { lineActions } from './line-actions';
import { memoryActions } from './memory-actions';
import { settingActions } from './setting-actions';
import { INITIAL } from './state';
import type { Change, Store } from './state';
import { tapeActions } from './tape-actions';

export type { State } from './state';

/**
 * The store: state and the actions on it. Evaluation and keeping on the device are joined to it from outside; `clock`
 * tells when something was kept (milliseconds since 1970).
 */
export const createStore = (clock: () => number = Date.now) =>
  create<Store>()((set, get) => {
    const change: Change = (make) => set((state) => make(state));
    return {
      ...INITIAL,
      ...lineActions(change, get, clock),
      ...asideActions(change, get),
      ...tapeActions(change),
      ...curveActions(change),
      ...columnActions(change),
      ...memoryActions(change, get, clock),
      ...settingActions(change, get),
    };
  });
