import { create } from 'zustand';
import type { StoreApi } from 'zustand';
import { DEFAULT_SETTINGS } from '@/core/notebook/settings';
import type { Settings } from '@/core/notebook/settings';
import { actionsOf } from './slices';
import { INITIAL } from './slices/state';
import type { State } from './slices/state';

export type Store = State & ReturnType<typeof actionsOf>;
export type AppStore = StoreApi<Store>;

/**
 * The store: state and the actions on it. Evaluation and keeping on the device are joined to it from outside; `clock`
 * tells when something was kept (milliseconds since 1970); `first`: the settings before anything is set.
 */
export const createStore = (clock: () => number = Date.now, first: Settings = DEFAULT_SETTINGS) =>
  create<Store>()((set, get) => ({
    ...INITIAL,
    settings: first,
    ...actionsOf((make) => set((state) => make(state)), get, clock, first),
  }));
