import { MOST_TYPED, lineOf } from '@/core/line/line';
import { putEntry } from '@/keys/log';
import { optionsOf } from '@/state/slices/bench/reading';
import { nothingUnderWay } from '@/state/slices/exam/actions';
import { withLineAside } from '@/state/slices/exam/ended';
import { notice } from '@/state/slices/notice';
import { changed } from '@/state/slices/state';
import { written } from '@/state/slices/bench/written';
import type { Change, State } from '@/state/slices/state';
import type { Kept, Document } from '@/state/slices/parts';
import { settingsFor } from '@/state/slices/parts';
import { withSettings } from '@/state/slices/settings/actions';
import type { Notice } from '@/state/slices/notice';

/** What is done with what another tab wrote, and with parts that were set aside. */
export type AsideActions = Readonly<{
  /** Takes in what another tab wrote; `rebased` brings the steps of undo up to it. */
  takeIn: (kept: Kept, rebased: (document: Document) => Document, said: Notice | null) => void;
  /** Parts that were set aside: one put into the line to be worked again, one or all removed. */
  asideToLine: (id: string) => void;
  removeAside: (id: string | null) => void;
}>;

type Steps = State['history'];

const mapped = ({ past, future }: Steps, make: (document: Document) => Document): Steps => ({
  past: past.map((step) => ({ ...step, before: make(step.before) })),
  future: future.map((step) => ({ ...step, before: make(step.before) })),
});

export const asideActions = (change: Change): AsideActions => ({
  takeIn: (kept, rebased, said) =>
    change((state) => {
      // Where the other tab began or ended an examination, nothing here goes on either.
      const isOther = kept.document.exam?.since !== state.document.exam?.since;
      const here: State = {
        ...state,
        ...(isOther
          ? { ...nothingUnderWay(), document: withLineAside(state, kept.document) }
          : { document: kept.document, history: mapped(state.history, rebased) }),
        ...(said === null ? {} : { notice: said }),
      };
      const { document, history, notice: told } = here;
      // Levels that the other tab kept stay, whatever depth is set here.
      const settings = settingsFor(document, kept.settings);
      return {
        document,
        history,
        notice: told,
        ...(state.settings === settings ? {} : withSettings(here, settings)),
      };
    }),
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
