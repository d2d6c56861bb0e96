import { expose } from 'comlink';
import { placeFinder } from './answerPlaces';

expose(placeFinder());
