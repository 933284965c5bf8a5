import { MOST_TYPED, lineOf } from '@/core/line/line';
import { putEntry } from '@/keys/log';
import { optionsOf } from './document';
import type { History } from './history';
import { notice } from './notice';
import { changed, written } from './state';
import type { Actions, Change, Get } from './state';

type AsideActions = Pick<Actions, 'takeIn' | 'asideToLine' | 'removeAside'>;

const mapped = <D, S>({ past, future }: History<D, S>, make: (document: D) => D): History<D, S> => ({
  past: past.map((step) => ({ ...step, before: make(step.before) })),
  future: future.map((step) => ({ ...step, before: make(step.before) })),
});

/** What is done with what another tab wrote, and with parts that were set aside. */
export const asideActions = (change: Change, get: Get): AsideActions => ({
  takeIn: (kept, rebased, said) => {
    const { settings } = kept;
    change((state) => ({
      document: kept.document,
      history: mapped(state.history, rebased),
      ...(said === null ? {} : { notice: said }),
    }));
    if (get().settings !== settings) get().set(settings);
  },
  asideToLine: (id) =>
    change((state) => {
      const part = state.document.setAside.find((p) => p.id === id);
      if (part === undefined || part.text === '') return {};
      if (part.text.length > MOST_TYPED) return { notice: notice('line-full') };
      const { settings } = state;
      const line = lineOf(part.text, settings.view, optionsOf(settings));
      return {
        ...written(state, 'use-line', line, { fresh: [putEntry(part.text)] }),
        settings: { ...settings, style: 'written' },
      };
    }),
  removeAside: (id) =>
    change((state) => {
      const setAside = id === null ? [] : state.document.setAside.filter((part) => part.id !== id);
      if (setAside.length === state.document.setAside.length) return {};
      return {
        ...changed(state, 'remove-aside', { ...state.document, setAside }),
        notice: notice('aside-removed', '', true),
      };
    }),
});
