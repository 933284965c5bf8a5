/** Other tabs of the same app on this device. */
export type Tabs = Readonly<{
  /** Does something while no other tab does it. */
  alone: <T>(what: () => Promise<T>) => Promise<T>;
  /** Tells the other tabs that what is kept has changed. */
  tell: () => void;
  /** Calls when another tab has told so; answers how to stop that. */
  onTold: (call: () => void) => () => void;
}>;

const NAME = 'ulkav.kept';

export function browserTabs(): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(NAME);
  const locks = typeof navigator === 'undefined' ? undefined : (navigator.locks as LockManager | undefined);
  return {
    alone: (what) => (locks === undefined ? what() : locks.request(NAME, what)),
    tell: () => channel?.postMessage(null),
    onTold: (call) => {
      // Where there is no channel, the storage itself tells; a page brought back from the cache may have missed both.
      const onStorage = (event: StorageEvent): void => {
        if (event.key?.startsWith('ulkav.') === true) call();
      };
      const onShown = (event: PageTransitionEvent): void => {
        if (event.persisted) call();
      };
      channel?.addEventListener('message', call);
      window.addEventListener('storage', onStorage);
      window.addEventListener('pageshow', onShown);
      return () => {
        channel?.removeEventListener('message', call);
        channel?.close();
        window.removeEventListener('storage', onStorage);
        window.removeEventListener('pageshow', onShown);
      };
    },
  };
}
