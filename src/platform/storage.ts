import AsyncStorage from '@react-native-async-storage/async-storage';
import { createStore, del, get, keys, set } from 'idb-keyval';
import type { UseStore } from 'idb-keyval';

/** Where things are kept on the device. Passed in, so that tests can hand over one that is full. */
export type Storage = Readonly<{
  read: (key: string) => Promise<string | null>;
  /** Rejects when the device refuses (full, or not allowed). */
  write: (key: string, value: string) => Promise<void>;
  remove: (key: string) => Promise<void>;
  /** The keys that begin with a text. */
  keys: (prefix: string) => Promise<readonly string[]>;
  /** What is on the disk once it is said to be, where the device has that. */
  durable?: Durable;
}>;

/**
 * A second copy of a text that is on the disk when its writing has come to an end: the small store of the browser is
 * written there up to a minute later than it says, and a browser that is ended meanwhile loses that.
 */
export type Durable = Readonly<{
  write: (key: string, value: string) => Promise<void>;
  /** The newer of both copies; the usual one where they are of one age. */
  newest: (key: string) => Promise<string | null>;
}>;

/** Longer texts go to the larger store at once: the small one holds five million characters in all. */
const LARGE = 400_000;

const hasLarger = (): boolean => typeof indexedDB !== 'undefined';
const larger = () => createStore('ulkav', 'kept');

let opened: Promise<IDBDatabase> | null = null;

/** The store of durable copies: each change is on the disk before it is said to be made. */
const durableStore: UseStore = async (mode, call) => {
  opened ??= new Promise((resolve, reject) => {
    const request = indexedDB.open('ulkav-durable');
    request.onupgradeneeded = () => request.result.createObjectStore('newest');
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('not opened'));
  });
  opened.catch(() => (opened = null));
  return call((await opened).transaction('newest', mode, { durability: 'strict' }).objectStore('newest'));
};

type Copy = Readonly<{ at: number; value: string }>;

/** When the usual copy was written, beside it: both reach the disk together. */
const STAMP = '.at';
const stampOf = (key: string): string => key + STAMP;
let lastStamp = 0;

const durable: Durable = {
  write: async (key, value) => {
    lastStamp = Math.max(Date.now(), lastStamp + 1);
    const at = lastStamp;
    await AsyncStorage.setItem(stampOf(key), `${at}`).catch(() => undefined);
    await set(key, { at, value } satisfies Copy, durableStore);
  },
  newest: async (key) => {
    const usual = await deviceStorage.read(key);
    const copy = await get<Copy>(key, durableStore).catch(() => undefined);
    if (copy === undefined) return usual;
    lastStamp = Math.max(lastStamp, copy.at);
    const at = Number(await AsyncStorage.getItem(stampOf(key)).catch(() => null)) || 0;
    return usual === null || copy.at > at ? copy.value : usual;
  },
};

const writeLarge = async (key: string, value: string): Promise<void> => {
  await set(key, value, larger());
  await AsyncStorage.removeItem(key);
};

/** Whether the small store has something under a key; told at once, and false where it cannot be read. */
export function hasSmall(key: string): boolean {
  try {
    return window.localStorage.getItem(key) !== null;
  } catch {
    return false;
  }
}

/** The small store of the browser, and the larger one for what it cannot hold; a key is in one of them. */
export const deviceStorage: Storage = {
  read: async (key) => {
    const small = await AsyncStorage.getItem(key);
    if (small !== null || !hasLarger()) return small;
    return (await get<string>(key, larger()).catch(() => undefined)) ?? null;
  },
  write: async (key, value) => {
    if (value.length > LARGE && hasLarger()) return writeLarge(key, value);
    try {
      await AsyncStorage.setItem(key, value);
    } catch (refused) {
      if (!hasLarger()) throw refused;
      return writeLarge(key, value);
    }
    return undefined;
  },
  remove: async (key) => {
    await AsyncStorage.removeItem(key);
    await AsyncStorage.removeItem(stampOf(key));
    if (!hasLarger()) return;
    await del(key, larger()).catch(() => undefined);
    await del(key, durableStore).catch(() => undefined);
  },
  keys: async (prefix) => {
    const small = await AsyncStorage.getAllKeys();
    const large = hasLarger() ? await keys<string>(larger()).catch(() => []) : [];
    return [...new Set([...small, ...large])].filter(
      (key) => typeof key === 'string' && key.startsWith(prefix) && !key.endsWith(STAMP),
    );
  },
  ...(hasLarger() ? { durable } : {}),
};
