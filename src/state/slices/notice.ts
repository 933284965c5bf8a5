import type { SliceNotice, StepName } from './parts';

/** What is said of the app as a whole; what is said of a slice stands in its record. */
type AppNotice =
  | 'settings-reset'
  | 'copied'
  | 'not-copied'
  | 'not-pasted'
  | 'notebook-opened'
  | 'notebook-damaged'
  | 'notebook-partly'
  | 'settings-taken'
  | 'link-damaged'
  | 'nothing-pasted'
  | 'formula-unreadable'
  | 'field-full'
  | 'file-too-large'
  | 'file-unreadable';

export type NoticeCode = SliceNotice | AppNotice;

/** Something to say once, with an offer to undo where that helps. Its sentence stands in `text/notices`. */
export type Notice =
  | Readonly<{ code: NoticeCode; fact: string; offersUndo: boolean }>
  | Readonly<{ code: 'undone' | 'redone'; fact: StepName; offersUndo: boolean }>;

export const notice = (code: NoticeCode, fact = '', offersUndo = false): Notice => ({ code, fact, offersUndo });
