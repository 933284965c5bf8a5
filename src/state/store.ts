import { create } from 'zustand';
import { lineActions } from './line-actions';
import { settingActions } from './setting-actions';
import { shelfActions } from './shelf-actions';
import { INITIAL } from './state';
import type { Change, Store } from './state';
import { tapeActions } from './tape-actions';

export type { State } from './state';

/** The store: state and the actions on it. Evaluation and keeping on the device are joined to it from outside. */
export const createStore = () =>
  create<Store>()((set, get) => {
    const change: Change = (make) => set((state) => make(state));
    return {
      ...INITIAL,
      ...lineActions(change, get),
      ...tapeActions(change),
      ...shelfActions(change),
      ...settingActions(change, get),
    };
  });
