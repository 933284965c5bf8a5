import type { Settings } from '@/core/notebook/settings';
import type { Shared } from '@/core/notebook/shared';
import type { DrawerId } from '@/keys/decks';
import { NO_HISTORY } from '@/state/kernel/history';
import type { History } from '@/state/kernel/history';
import type { PersistenceStatus } from '@/state/kernel/keeping';
import { transact } from '@/state/kernel/transact';
import { benchAtFirst } from './bench/moment';
import type { BenchMoment } from './bench/moment';
import type { Rules } from './columns/moment';
import type { Notice } from './notice';
import { EMPTY_KEPT, weightOf } from './parts';
import type { Document, Kept, StepName } from './parts';
import { SHELF_AT_FIRST } from './shelf/moment';
import type { ShelfMoment } from './shelf/moment';

/** What is kept, how to go back in it, and what is so at this moment. */
export interface State extends Kept, BenchMoment<State>, ShelfMoment {
  readonly history: History<Document, Settings, StepName>;
  readonly drawer: DrawerId;
  /** The settings before they were reset, to be put back. */
  readonly settingsBefore: Settings | null;
  /** What a link or a file brings, until it is taken over or not. */
  readonly offered: Shared | null;
  readonly notice: Notice | null;
  /** What came of the rules of tables, by the ids of these. */
  readonly rules: ReadonlyMap<string, Rules>;
  /** Said by a screen reader. */
  readonly spoken: string;
  readonly keeping: PersistenceStatus;
  /** What has changed is being written to the device. */
  readonly isSaving: boolean;
}

export type Get = () => State;
/** Makes a change of the state; what is not named stays. */
export type Change = (make: (state: State) => Partial<State>) => void;

export const INITIAL: State = {
  ...EMPTY_KEPT,
  history: NO_HISTORY,
  ...benchAtFirst<State>(),
  ...SHELF_AT_FIRST,
  drawer: 'pad',
  settingsBefore: null,
  offered: null,
  notice: null,
  rules: new Map(),
  spoken: '',
  keeping: { kind: 'kept' },
  isSaving: false,
};

/**
 * A change of the document with its step of undo; nothing where nothing changes. Steps that follow each other with the
 * same thought are one.
 */
export function changed(state: State, name: StepName, document: Document, thought?: string): Partial<State> {
  const before = state.document;
  if (document === before) return {};
  const weight = weightOf(before, document);
  const result = transact(
    state.history,
    {
      name,
      before,
      sign: state.settings.display.decimalSign,
      ...(thought === undefined ? {} : { thought }),
      ...(weight === 0 ? {} : { weight }),
    },
    document,
  );
  return result === null ? {} : { ...result, notice: null, pasteQuestion: null, refused: null };
}
