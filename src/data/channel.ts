/** Messages between the tabs of one browser. Where the browser has no channel, tabs catch up when shown again. */
export interface Channel<T> {
  post(message: T): void;
  close(): void;
}

const SILENT: Channel<never> = { post: () => undefined, close: () => undefined };

export function openChannel<T>(name: string, onMessage: (message: T) => void): Channel<T> {
  if (typeof BroadcastChannel === 'undefined') return SILENT as Channel<T>;
  const channel = new BroadcastChannel(name);
  channel.onmessage = (event: MessageEvent<T>) => onMessage(event.data);
  return { post: (message) => channel.postMessage(message), close: () => channel.close() };
}
