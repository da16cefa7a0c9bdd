import { isDevMode, type ApplicationRef } from '@angular/core';

/** The longest that fetching the whole app for when there is no network waits for the page that was asked for (ms). */
const LATEST = 5_000;

/** Has the browser keep the app, by Angular's own service worker; its package's module to do so would be fetched before every first page. */
export async function installed(app: ApplicationRef): Promise<void> {
  if (isDevMode() || !('serviceWorker' in navigator)) return;
  await Promise.race([app.whenStable(), new Promise((go) => setTimeout(go, LATEST))]);
  await navigator.serviceWorker.register('ngsw-worker.js').catch((error: unknown) => console.error(error));
}
