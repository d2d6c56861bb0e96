import { useEffect, useState } from 'react';
import { useOpened } from './opening';

/**
 * Half-entered input that outlives a reload. `undefined` until it has been read.
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
        if (!gone) setHeld({ key, draft });
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
  return [held?.key === key ? (held.draft ?? empty) : undefined, write, drop];
}
