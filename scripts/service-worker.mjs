// Makes the service worker of a build: all of it is kept by the browser at the first visit, so that it works without the server.
import { generateSW } from 'workbox-build';

/** Files whose names carry a content hash never change. */
const HASHED = /[.-][0-9a-f]{32}\./;
const MOST_BYTES = 4 * 1024 * 1024;

export async function writeServiceWorker(folder) {
  const { count, size, warnings } = await generateSW({
    globDirectory: folder,
    globPatterns: ['**/*.{html,js,css,woff2,svg,png,webmanifest,json}'],
    // The default leaves node_modules out, where some assets are; the list of parts is for browsers without a service worker.
    globIgnores: ['sw.js', 'workbox-*.js', 'alarm-tap.js', 'parts.json', 'metadata.json'],
    swDest: `${folder}/sw.js`,
    inlineWorkboxRuntime: true,
    // What a tap on an alarm does.
    importScripts: ['alarm-tap.js'],
    sourcemap: false,
    cleanupOutdatedCaches: true,
    // An update waits until the cook takes it.
    skipWaiting: false,
    clientsClaim: true,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    dontCacheBustURLsMatching: HASHED,
    maximumFileSizeToCacheInBytes: MOST_BYTES,
  });
  for (const warning of warnings) console.warn(warning);
  console.log(`Kept for offline: ${count} files, ${(size / 1024 / 1024).toFixed(1)} MB.`);
}
