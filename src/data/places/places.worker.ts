import { expose } from 'comlink';
import { placeFinder } from './answerPlaces';
import type { PackedTowns } from './smallerTowns';

/** The long list is a file of its own: what is known of larger towns is answered before it has come. */
async function fetchTowns(): Promise<PackedTowns> {
  const response = await fetch('/towns.json');
  if (!response.ok) throw new Error(`towns: ${response.status}`);
  return response.json();
}

expose(placeFinder(fetchTowns()));
