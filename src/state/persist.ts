import { readNotebook, writeNotebook } from '@/core/notebook/read';
import type { Storage } from '@/platform/storage';
import { toNotebook } from './document';
import type { createStore } from './store';

type AppStore = ReturnType<typeof createStore>;

const KEY = 'ulkav.notebook';
const SET_ASIDE_KEY = 'ulkav.set-aside';
const PAUSE_MS = 150;

/** Brings back what was kept. What does not validate is set aside whole and reported; an empty store takes what is offered. */
export async function restore(store: AppStore, storage: Storage, offered: () => Promise<string | null>): Promise<void> {
  const { openNotebook, setKeeping } = store.getState();
  const found = await storage.read(KEY).then(
    (raw) => ({ raw }),
    () => null,
  );
  if (found === null) {
    setKeeping({ kind: 'unreadable' });
    return;
  }
  const { raw } = found;
  if (raw === null) {
    const gift = await offered();
    const loaded = gift === null ? null : readNotebook(gift);
    if (loaded?.kind === 'ok') openNotebook(loaded.notebook, true);
    return;
  }
  const loaded = readNotebook(raw);
  if (loaded.kind === 'ok') {
    openNotebook(loaded.notebook, true);
    return;
  }
  const name = `${SET_ASIDE_KEY}.${(await freeNumber(storage)) ?? 0}`;
  const isSetAside = await storage.write(name, raw).then(
    () => true,
    () => false,
  );
  setKeeping({ kind: 'damaged', raw, setAsideAs: isSetAside ? name : null });
}

async function freeNumber(storage: Storage): Promise<number | null> {
  for (let i = 1; i < 100; i += 1) if ((await storage.read(`${SET_ASIDE_KEY}.${i}`)) === null) return i;
  return null;
}

export type KeptOnDevice = Readonly<{ now: () => void; end: () => void }>;

/** Writes the notebook a moment after each change. A refusal is said and stays said until a write succeeds. */
export function keepOnDevice(store: AppStore, storage: Storage): KeptOnDevice {
  let timer: ReturnType<typeof setTimeout> | null = null;
  let isOld = false;

  const write = () => {
    if (timer !== null) clearTimeout(timer);
    timer = null;
    const { document, settings, keeping } = store.getState();
    // What could not be read is never written over, nor a damaged store that could not be set aside, until it was saved.
    const isClosed = keeping.kind === 'unreadable' || (keeping.kind === 'damaged' && keeping.setAsideAs === null);
    if (!isOld || isClosed) return;
    isOld = false;
    storage.write(KEY, writeNotebook(toNotebook(document, settings))).then(
      () => {
        if (store.getState().keeping.kind === 'refused') store.getState().setKeeping({ kind: 'kept' });
      },
      () => {
        isOld = true;
        if (store.getState().keeping.kind === 'kept') store.getState().setKeeping({ kind: 'refused' });
      },
    );
  };

  const unsubscribe = store.subscribe((now, before) => {
    if (now.document === before.document && now.settings === before.settings) return;
    isOld = true;
    timer ??= setTimeout(write, PAUSE_MS);
  });
  return { now: write, end: unsubscribe };
}
