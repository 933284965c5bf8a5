import { create } from 'zustand';
import type { StoreApi } from 'zustand';
import { actionsOf } from './slices';
import { INITIAL } from './slices/state';
import type { State } from './slices/state';

export type Store = State & ReturnType<typeof actionsOf>;
export type AppStore = StoreApi<Store>;

/**
 * The store: state and the actions on it. Evaluation and keeping on the device are joined to it from outside; `clock`
 * tells when something was kept (milliseconds since 1970).
 */
export const createStore = (clock: () => number = Date.now) =>
  create<Store>()((set, get) => ({ ...INITIAL, ...actionsOf((make) => set((state) => make(state)), get, clock) }));
