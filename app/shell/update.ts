import { registerSW } from 'virtual:pwa-register';
import { notices } from '../store/index.ts';

let update: ((reload: boolean) => Promise<void>) | null = null;

/** A new build is told, and loaded when the cook says so: never under a running load, never over something that is being typed. */
export const watchForUpdates = (): void => {
  const tell = (): void => notices.tell({ code: 'update-ready', fields: {} });
  update = registerSW({ immediate: true, onNeedRefresh: tell });
  // Without a service worker an old page asks for pieces that a new build no longer has.
  window.addEventListener('vite:preloadError', tell);
};

export const loadUpdate = (): void => {
  if (update === null) window.location.reload();
  else void update(true).finally(() => setTimeout(() => window.location.reload(), 1000));
};
