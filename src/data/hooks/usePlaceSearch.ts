import { useCallback, useEffect, useRef, useState } from 'react';
import type { LatLon } from '../places/coordinates';
import type { Place } from '../places/findPlaces';
import { openPlaceFinder, type OpenPlaceFinder } from '../places/placeFinder';

export interface PlaceSearch {
  /** What was found for the text; `undefined` while it is being looked up. */
  readonly found: readonly Place[] | undefined;
  /** The list of towns could not be loaded. */
  readonly failed: boolean;
  /** Only larger towns are known: the long list could not be loaded. */
  readonly largerOnly: boolean;
  readonly search: (text: string) => void;
  /** A place by its coordinates. */
  readonly at: (place: LatLon) => Promise<Place>;
}

/** Searches the shipped lists of towns, which are loaded with the first search. */
export function usePlaceSearch(): PlaceSearch {
  const opened = useRef<OpenPlaceFinder>(undefined);
  const newest = useRef({ own: 0, text: '' });
  const [found, setFound] = useState<readonly Place[] | undefined>([]);
  const [failed, setFailed] = useState(false);
  const [largerOnly, setLargerOnly] = useState(false);
  const finder = useCallback(() => {
    opened.current ??= openPlaceFinder(() => setFailed(true));
    return opened.current.finder;
  }, []);
  const look = useCallback(
    async (own: number, text: string): Promise<void> => {
      const places = await finder().find(text);
      if (own === newest.current.own) setFound(places);
    },
    [finder],
  );
  useEffect(
    () => () => {
      opened.current?.stop();
      opened.current = undefined;
    },
    [],
  );
  const search = useCallback(
    (text: string): void => {
      const own = newest.current.own + 1;
      newest.current = { own, text };
      if (text.trim().length < 2) {
        setFound([]);
        return;
      }
      setFound(undefined);
      const first = opened.current === undefined;
      void look(own, text);
      if (!first) return;
      void finder()
        .whole()
        .then((whole) => {
          setLargerOnly(!whole);
          // The long list may know more of what was asked meanwhile.
          const { own: asked, text: of } = newest.current;
          if (whole && of.trim().length >= 2) return look(asked, of);
        });
    },
    [finder, look],
  );
  const at = useCallback((place: LatLon) => finder().at(place), [finder]);
  return { found, failed, largerOnly, search, at };
}
