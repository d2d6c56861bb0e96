import { useCallback, useEffect, useRef, useState } from 'react';
import type { LatLon } from '../places/coordinates';
import type { Place } from '../places/findPlaces';
import { openPlaceFinder, type OpenPlaceFinder } from '../places/placeFinder';

export interface PlaceSearch {
  /** What was found for the text; `undefined` while it is being looked up. */
  readonly found: readonly Place[] | undefined;
  /** The list of towns could not be loaded. */
  readonly failed: boolean;
  readonly search: (text: string) => void;
  /** A place by its coordinates. */
  readonly at: (place: LatLon) => Promise<Place>;
}

/** Searches the shipped list of towns, which is loaded with the first search. */
export function usePlaceSearch(): PlaceSearch {
  const opened = useRef<OpenPlaceFinder>(undefined);
  const newest = useRef(0);
  const [found, setFound] = useState<readonly Place[] | undefined>([]);
  const [failed, setFailed] = useState(false);
  const finder = useCallback(() => {
    opened.current ??= openPlaceFinder(() => setFailed(true));
    return opened.current.finder;
  }, []);
  useEffect(
    () => () => {
      opened.current?.stop();
      opened.current = undefined;
    },
    [],
  );
  const search = useCallback(
    (text: string): void => {
      newest.current += 1;
      const own = newest.current;
      if (text.trim().length < 2) {
        setFound([]);
        return;
      }
      setFound(undefined);
      void finder()
        .find(text)
        .then((places) => {
          if (own === newest.current) setFound(places);
        });
    },
    [finder],
  );
  const at = useCallback((place: LatLon) => finder().at(place), [finder]);
  return { found, failed, search, at };
}
