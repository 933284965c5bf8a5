import AsyncStorage from '@react-native-async-storage/async-storage';
import { createStore, del, get, keys, set } from 'idb-keyval';

/** Where things are kept on the device. Passed in, so that tests can hand over one that is full. */
export type Storage = Readonly<{
  read: (key: string) => Promise<string | null>;
  /** Rejects when the device refuses (full, or not allowed). */
  write: (key: string, value: string) => Promise<void>;
  remove: (key: string) => Promise<void>;
  /** The keys that begin with a text. */
  keys: (prefix: string) => Promise<readonly string[]>;
}>;

/** Longer texts go to the larger store at once: the small one holds five million characters in all. */
const LARGE = 400_000;

const hasLarger = (): boolean => typeof indexedDB !== 'undefined';
const larger = () => createStore('ulkav', 'kept');

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
    if (hasLarger()) await del(key, larger()).catch(() => undefined);
  },
  keys: async (prefix) => {
    const small = await AsyncStorage.getAllKeys();
    const large = hasLarger() ? await keys<string>(larger()).catch(() => []) : [];
    return [...new Set([...small, ...large])].filter((key) => typeof key === 'string' && key.startsWith(prefix));
  },
};
