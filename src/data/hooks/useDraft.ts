import { useEffect, useState } from 'react';
import { useOpened } from './opening';

/**
 * Half-entered input that outlives a reload. `undefined` until drafts have been read.
 *
 * @param name what it belongs to; another name is another draft.
 */
export function useDraft<T>(name: string, empty: T): [T | undefined, (draft: T) => void, () => void] {
  const { device, session } = useOpened();
  const key = `${session.garden.id}/${name}`;
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
  const drop = (): void => void device.dropDraft(key).catch(() => undefined);
  const now = held?.key === key ? held : device.knownDraft<T>(key);
  return [now && (now.draft ?? empty), write, drop];
}
