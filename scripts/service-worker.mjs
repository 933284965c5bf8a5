/**
 * Writes the service worker of the built app: it keeps all of its files, so that after one visit every place opens and
 * computes without a network. A newer one waits until the page asks it to take over (`src/platform/new-version.ts`).
 */
export async function writeServiceWorker(folder) {
  // Packages are installed by the build itself, so this one cannot be asked for before.
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ['**/*.{js,css,html,svg,png,woff2,txt,json,webmanifest}'],
    swDest: `${folder}/service-worker.js`,
    // These names change with their contents.
    dontCacheBustURLsMatching: /_expo\/static\//,
    maximumFileSizeToCacheInBytes: 8_000_000,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/\/[^/]+\.[^/]+$/, /^\/healthz$/],
    clientsClaim: true,
    skipWaiting: false,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    cacheId: 'ulkav',
  });
  for (const warning of warnings) console.warn(warning);
}
