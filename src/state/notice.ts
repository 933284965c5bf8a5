export type NoticeCode =
  | 'tape-cleared'
  | 'tape-cleared-but-pinned'
  | 'line-removed'
  | 'letter-kept'
  | 'letter-cleared'
  | 'letters-cleared'
  | 'copied'
  | 'not-copied'
  | 'not-pasted'
  | 'nothing-to-keep'
  | 'ans-set'
  | 'notebook-opened'
  | 'notebook-damaged'
  | 'line-replaced'
  | 'settings-taken'
  | 'link-damaged'
  | 'line-shared'
  | 'line-full'
  | 'undone'
  | 'redone';

/** Something to say once, with an offer to undo where that helps. Its sentence stands in `text/notices`. */
export type Notice = Readonly<{ code: NoticeCode; fact: string; offersUndo: boolean }>;

export const notice = (code: NoticeCode, fact = '', offersUndo = false): Notice => ({ code, fact, offersUndo });
