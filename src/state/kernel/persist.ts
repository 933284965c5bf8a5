import type { Storage } from '@/platform/storage';
import type { Tabs } from '@/platform/tabs';
import { fromNotebook, toNotebook } from '@/state/slices/notebook';
import { APART_PREFIX, KEY, createKeptText, whole } from './kept-text';
import type { DamageReason } from './keeping';
import type { Kept } from '@/state/slices/parts';
import { notice } from '@/state/slices/notice';
import { setAsideWhole } from './old-copies';
import type { AppStore } from '@/state/store';

/** Counts starts whose notebook was not drawn to the end. */
const STARTS_KEY = 'ulkav.starts';
const MOST_FAILED_STARTS = 2;
const PAUSE_MS = 150;
/** What was written apart less than this ago may belong to a main text that another tab is just writing. */
const YOUNG_MS = 60_000;

/** Keeps the store on the device, together with the other tabs. */
export type Keeper = Readonly<{
  /** Brings back what was kept; an empty store takes what is offered. */
  restore: (offered: () => Promise<string | null>) => Promise<void>;
  /** Begins to write a moment after each change, and to take in what other tabs write. Answers how to end that. */
  follow: () => () => void;
  /** Writes at once, without waiting for other tabs: the page is about to go. */
  now: () => void;
  /** What was brought back stands on the page: the next start need not be careful. */
  drawn: () => void;
}>;

/** How tabs are joined is fetched when it is first needed, or ahead of that. */
const joining = () => import('@/state/slices/merge');

const isOther = (a: Kept, b: Kept): boolean =>
  a.document !== b.document || a.sight !== b.sight || a.settings !== b.settings;

export function createKeeper(
  store: AppStore,
  storage: Storage,
  tabs: Tabs,
  clock: () => number = Date.now,
  chance: () => number = Math.random,
): Keeper {
  let made = 0;
  const texts = createKeptText(() => `${clock()}-${Math.floor(chance() * 1e9)}-${(made += 1)}`);
  let timer: ReturnType<typeof setTimeout> | null = null;
  let isOld = false;
  /** What this tab and the device last had in common, and the text of it. */
  let base: Kept | null = null;
  let lastText: string | null = null;
  /** Keys under which this tab knows things to be written apart. */
  const stored = new Set<string>();

  const here = (): Kept => {
    const { document, sight, settings } = store.getState();
    return { document, sight, settings };
  };

  /** What another tab wrote since, taken in. */
  async function takeIn(): Promise<void> {
    const text = await storage.read(KEY);
    if (text === null || text === lastText || base === null) return;
    const loaded = await texts.read(text, storage);
    if (loaded.kind !== 'ok') return;
    const { merged } = await joining();
    const { kept, known, conflicts, rebased } = merged(base, here(), fromNotebook(loaded.notebook));
    lastText = text;
    base = known;
    const wasOld = isOld;
    store.getState().takeIn(kept, rebased, conflicts > 0 ? notice('tabs-differ', `${conflicts}`) : null);
    isOld = wasOld || conflicts > 0;
  }

  async function put(isLast: boolean): Promise<void> {
    await takeIn();
    const kept = here();
    const { main, apart } = texts.written(toNotebook(kept));
    if (apart.size > 0) {
      // Another tab may have swept what this one wrote; when the page goes there is no time to look.
      const there = isLast ? stored : new Set(await storage.keys(APART_PREFIX));
      for (const [key, items] of apart) {
        if (!there.has(key)) {
          const text = JSON.stringify(items);
          await storage.write(key, text);
          await storage.durable?.write(key, text).catch(() => undefined);
        }
        stored.add(key);
      }
    }
    await storage.write(KEY, main);
    // Refused, as in a private window, it is kept as well as it can be.
    const onDisk = storage.durable?.write(KEY, main).catch(() => undefined);
    lastText = main;
    base = kept;
    // Only what has been written is no longer old: the page may go while this waits for its turn.
    const now = here();
    isOld = isOther(now, kept);
    tabs.tell();
    await onDisk;
    if (!isLast) await sweep(apart);
  }

  /** What was written apart and is no longer named. */
  async function sweep(named: ReadonlyMap<string, unknown>): Promise<void> {
    for (const key of await storage.keys(APART_PREFIX)) {
      const age = clock() - Number.parseInt(key.slice(APART_PREFIX.length), 10);
      if (!named.has(key) && !(age < YOUNG_MS)) await storage.remove(key);
    }
  }

  const isClosed = (): boolean => {
    const { keeping } = store.getState();
    // What could not be read is never written over, nor a damaged store that could not be set aside, until it was saved.
    return keeping.kind === 'unreadable' || (keeping.kind === 'damaged' && keeping.setAsideAs === null);
  };

  const write = (isLast: boolean): void => {
    if (timer !== null) clearTimeout(timer);
    timer = null;
    if (!isOld || isClosed()) return;
    store.getState().setSaving(true);
    const done = isLast ? put(true) : tabs.alone(() => put(false));
    done.then(
      () => {
        store.getState().setSaving(false);
        if (store.getState().keeping.kind === 'refused') store.getState().setKeeping({ kind: 'kept' });
      },
      () => {
        store.getState().setSaving(false);
        if (store.getState().keeping.kind === 'kept') store.getState().setKeeping({ kind: 'refused' });
      },
    );
  };

  async function restore(offered: () => Promise<string | null>): Promise<void> {
    const { openNotebook, setKeeping, say } = store.getState();
    const found = await (storage.durable?.newest(KEY) ?? storage.read(KEY)).then(
      (raw) => ({ raw }),
      () => null,
    );
    if (found === null) return setKeeping({ kind: 'unreadable' });
    const { raw } = found;
    if (raw === null) {
      const gift = await offered();
      const loaded = gift === null ? null : await texts.read(gift, storage);
      if (loaded?.kind === 'ok') openNotebook(loaded.notebook, true);
      base = here();
      return undefined;
    }
    lastText = raw;
    const starts = Number(await storage.read(STARTS_KEY).catch(() => null)) || 0;
    const loaded = await texts.read(raw, storage);
    const isSafe = starts < MOST_FAILED_STARTS;
    await storage.write(STARTS_KEY, `${isSafe ? starts + 1 : 0}`).catch(() => undefined);
    if (loaded.kind === 'ok' && isSafe) {
      openNotebook(loaded.notebook, true);
      base = here();
      if (loaded.isMended || loaded.isNewer) {
        const why = loaded.isMended ? 'broken-off' : 'newer';
        await setDamaged(why, raw);
      } else if (loaded.setAside > 0) say(notice('parts-set-aside', `${loaded.setAside}`));
      // What was set aside is kept as that, so that it is told once.
      isOld = loaded.setAside > 0 || loaded.isMended || loaded.isNewer;
      return undefined;
    }
    const why = loaded.kind === 'ok' ? 'not-drawn' : 'unreadable';
    base = here();
    return setDamaged(why, raw);
  }

  /** Sets aside what was found, with all that it names. */
  async function setDamaged(why: DamageReason, main: string): Promise<void> {
    const raw = await whole(main, storage);
    store.getState().setKeeping({ kind: 'damaged', why, raw, setAsideAs: await setAsideWhole(storage, raw, clock()) });
  }

  return {
    restore,
    now: () => write(true),
    drawn: () => {
      joining().catch(() => undefined);
      storage.remove(STARTS_KEY).catch(() => undefined);
    },
    follow: () => {
      base ??= here();
      if (isOld) timer = setTimeout(() => write(false), PAUSE_MS);
      const unsubscribe = store.subscribe((now, before) => {
        if (!isOther(now, before)) return;
        isOld = true;
        timer ??= setTimeout(() => write(false), PAUSE_MS);
      });
      const untold = tabs.onTold(() => {
        if (!isClosed()) void tabs.alone(takeIn).catch(() => undefined);
      });
      return () => {
        unsubscribe();
        untold();
        if (timer !== null) clearTimeout(timer);
      };
    },
  };
}
