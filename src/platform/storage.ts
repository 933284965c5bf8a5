import AsyncStorage from '@react-native-async-storage/async-storage';

/** Where things are kept on the device. Passed in, so that tests can hand over one that is full. */
export type Storage = Readonly<{
  read: (key: string) => Promise<string | null>;
  /** Rejects when the device refuses (full, or not allowed). */
  write: (key: string, value: string) => Promise<void>;
}>;

export const deviceStorage: Storage = {
  read: (key) => AsyncStorage.getItem(key),
  write: (key, value) => AsyncStorage.setItem(key, value),
};
