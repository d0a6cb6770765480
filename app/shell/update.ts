import { notices } from '../store/index.ts';

/*
 * A new build is told, and loaded when the cook says so, once no tab is in the way: never under a running load, never over something that is being
 * typed, and only the tab that asked loads anew.
 */

/** Held, shared, by every tab that must not be disturbed. Without Web Locks there is no service worker either, and only this tab is asked. */
const BUSY = 'tawny-lattice-busy';

let waiting: ServiceWorker | null = null;
let release: (() => void) | null = null;
let hasLoad = false;
let isTyping = false;

const isBusy = (): boolean => hasLoad || isTyping;

const holdOrRelease = (): void => {
  if (!('locks' in navigator)) return;
  if (isBusy() && release === null) {
    const held = new Promise<void>((resolve) => (release = resolve));
    void navigator.locks.request(BUSY, { mode: 'shared' }, () => held);
  } else if (!isBusy()) {
    release?.();
    release = null;
  }
};

/** Whether something is in an iron, as this tab sees it. */
export const loadIsRunning = (is: boolean): void => {
  hasLoad = is;
  holdOrRelease();
};

const isEntry = (target: EventTarget | null): boolean =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && !['checkbox', 'radio', 'range', 'button'].includes(target.type));

const watchTyping = (): void => {
  // From the first letter until the entry is left.
  document.addEventListener('input', ({ target }) => {
    isTyping = isEntry(target);
    holdOrRelease();
  });
  document.addEventListener('focusout', () => {
    isTyping = false;
    holdOrRelease();
  });
};

const tell = (): void => notices.tell({ code: 'update-ready', fields: {} });

export const watchForUpdates = (): void => {
  watchTyping();
  // Without a service worker an old page asks for pieces that a new build no longer has.
  window.addEventListener('vite:preloadError', tell);
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker.register('/sw.js').then(
    // Where a browser refuses without an error there is none.
    (registration: ServiceWorkerRegistration | undefined) => {
      if (registration === undefined) return;
      const look = (): void => {
        // The first one there ever was replaces nothing.
        if (registration.waiting === null || navigator.serviceWorker.controller === null) return;
        waiting = registration.waiting;
        tell();
      };
      look();
      registration.addEventListener('updatefound', () => registration.installing?.addEventListener('statechange', look));
    },
    () => undefined,
  );
};

const activate = async (): Promise<void> => {
  if (waiting !== null) {
    const changed = new Promise((resolve) => navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }));
    waiting.postMessage({ type: 'SKIP_WAITING' });
    await Promise.race([changed, new Promise((resolve) => setTimeout(resolve, ACTIVE_WITHIN_MS))]);
  }
  window.location.reload();
};
const ACTIVE_WITHIN_MS = 3000;

/** Loads the new build as soon as no tab is busy. */
export const loadUpdate = async (): Promise<void> => {
  if (!('locks' in navigator)) {
    if (isBusy()) notices.tell({ code: 'update-waits', fields: {} });
    else await activate();
    return;
  }
  const { held = [] } = await navigator.locks.query();
  if (held.some(({ name }) => name === BUSY)) notices.tell({ code: 'update-waits', fields: {} });
  await navigator.locks.request(BUSY, activate);
};
