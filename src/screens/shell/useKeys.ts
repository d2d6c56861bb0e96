import { useEffect } from 'react';
import { tinykeys } from 'tinykeys';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The cell of a grid that takes the next letter, though nothing is typed in it yet. */
const waitsForLetter = ({ ctrlKey, metaKey }: KeyboardEvent): boolean =>
  !ctrlKey && !metaKey && document.querySelector('.dsg-active-cell') !== null;

/**
 * Does something on a key while its component is shown, but not while the grower types. Signs such as `?` and
 * digits need Shift on some keyboards and not on others, so each is heard both ways.
 *
 * @param actions by key, as `KeyboardEvent.key` names it; `Shift+u` for one with Shift.
 */
export function useKeys(actions: Readonly<Record<string, (event: KeyboardEvent) => void>>): void {
  useEffect(() => {
    const heard = Object.entries(actions).flatMap(([key, act]) => {
      const handler = (event: KeyboardEvent): void => {
        if (!typing(event.target) && !waitsForLetter(event)) act(event);
      };
      return (/^[^a-z]$/.test(key) ? [key, `Shift+${key}`] : [key]).map((each) => [each, handler] as const);
    });
    return tinykeys(window, Object.fromEntries(heard));
  }, [actions]);
}
