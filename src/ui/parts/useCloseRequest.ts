import { useEffect, useRef } from 'react';

/** The browser's own sign that something is to be closed [WHATWG HTML, close requests]; not every browser has it. */
interface CloseWatcher extends EventTarget {
  destroy(): void;
}

/** Closes something when its user asks for it as the device has it: a phone's Back then leads to no other page. */
export function useCloseRequest(open: boolean, onClose: () => void): void {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const { CloseWatcher } = globalThis as { readonly CloseWatcher?: new () => CloseWatcher };
    if (!open || !CloseWatcher) return undefined;
    const watcher = new CloseWatcher();
    watcher.addEventListener('close', () => close.current());
    return () => watcher.destroy();
  }, [open]);
}
