/** Takes the newer version over: the page is loaded anew. What is here is kept before that, as with every leaving. */
type TakeOver = () => void;

const HOUR_MS = 3_600_000;

export const reloadPage = (): void => window.location.reload();

/**
 * Keeps the files of the app on the device, where the browser has service workers, so that it opens without a network.
 * Calls when a newer version is ready, which never takes over by itself. Answers how to stop looking for one.
 */
export async function keepOffline(onReady: (takeOver: TakeOver) => void): Promise<() => void> {
  if (__DEV__ || !('serviceWorker' in navigator)) return () => undefined;
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/service-worker.js');
  worker.addEventListener('waiting', () =>
    onReady(() => {
      worker.addEventListener('controlling', reloadPage);
      worker.messageSkipWaiting();
    }),
  );
  // Another tab has taken it over: this page still stands, but parts that it has not fetched are gone.
  worker.addEventListener('controlling', ({ isUpdate }) => {
    if (isUpdate === true) onReady(reloadPage);
  });
  await worker.register();
  const look = (): void => void worker.update().catch(() => undefined);
  const timer = setInterval(look, HOUR_MS);
  const whenSeen = (): void => {
    if (document.visibilityState === 'visible') look();
  };
  document.addEventListener('visibilitychange', whenSeen);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', whenSeen);
  };
}
