export type NoticeCode =
  | 'tape-cleared'
  | 'tape-cleared-but-pinned'
  | 'line-removed'
  | 'place-kept'
  | 'place-changed'
  | 'place-cleared'
  | 'letters-cleared'
  | 'slots-cleared'
  | 'digits-recalled'
  | 'level-sent'
  | 'levels-fallen'
  | 'settings-reset'
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
  | 'functions-full'
  | 'function-removed'
  | 'functions-cleared'
  | 'undone'
  | 'redone';

/** Something to say once, with an offer to undo where that helps. Its sentence stands in `text/notices`. */
export type Notice = Readonly<{ code: NoticeCode; fact: string; offersUndo: boolean }>;

export const notice = (code: NoticeCode, fact = '', offersUndo = false): Notice => ({ code, fact, offersUndo });
