import { useEffect, useState } from 'react';
import { useOpened } from './opening';

/** What was entered, the way to change it, and what drops it once it is done with, unless it was changed since. */
type Draft<T> = [T | undefined, (draft: T) => void, () => void];

/**
 * Half-entered input that outlives a reload. `undefined` until drafts have been read.
 *
 * @param name what it belongs to; another name is another draft.
 */
export const useDraft = <T>(name: string, empty: T): Draft<T> =>
  useDeviceDraft(`${useOpened().session.garden.id}/${name}`, empty);

/** The same for the whole device, whatever garden is open. */
export function useDeviceDraft<T>(key: string, empty: T): Draft<T> {
  const { device } = useOpened();
  const [held, setHeld] = useState<{ readonly key: string; readonly draft: T | undefined }>();
  useEffect(() => {
    let gone = false;
    device
      .readDraft<T>(key)
      .catch(() => undefined)
      .then((draft) => {
        // What was entered meanwhile is newer.
        if (!gone) setHeld((now) => (now?.key === key ? now : { key, draft }));
      });
    return () => {
      gone = true;
    };
  }, [device, key]);
  const write = (draft: T): void => {
    setHeld({ key, draft });
    void device.writeDraft(key, draft).catch(() => undefined);
  };
  const now = held?.key === key ? held : device.knownDraft<T>(key);
  const drop = (): void => void device.dropDraft(key, now?.draft).catch(() => undefined);
  return [now && (now.draft ?? empty), write, drop];
}
