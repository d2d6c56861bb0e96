import { useEffect, useState } from 'react';
import { idle } from '@/data/idle';

/**
 * Registers the service worker. When a newer version has been fetched and waits, gives the way to use it: it is
 * never applied by itself, so no round is interrupted.
 */
export function useNewVersion(): (() => void) | undefined {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null);
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env['NODE_ENV'] !== 'production') return;
    let gone = false;
    const watch = (registration: ServiceWorkerRegistration): void => {
      const offer = (): void => {
        if (!gone && navigator.serviceWorker.controller) setWaiting(registration.waiting);
      };
      offer();
      registration.addEventListener('updatefound', () => {
        registration.installing?.addEventListener('statechange', offer);
      });
    };
    // Without a service worker the app works as before, only not offline.
    // What it fetches may wait until the page has nothing better to do.
    idle()
      .then(() => navigator.serviceWorker.register('/sw.js'))
      .then(watch, () => undefined);
    return () => {
      gone = true;
    };
  }, []);
  if (!waiting) return undefined;
  return () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
      once: true,
    });
    waiting.postMessage({ type: 'SKIP_WAITING' });
  };
}
