import { withoutAccents } from '../../text/withoutAccents';

const PER_ROW =
  /\b(per|pro|je|par|por|a|in an?|in each)\s+(row|reihe|rang|ligne|fila|hilera|surco|riga|rij|regel|linha)\b|\b(plants?|pflanzen|plantes|plantas|piante|planten)\s*\/\s*(row|reihe|rang|ligne|fila|riga|rij|linha)\b/;

/**
 * Does the name of a column say that it counts the plants of one row?
 *
 * @example isCountedPerRow('Plantas por linha') // true
 */
export const isCountedPerRow = (header: string): boolean => PER_ROW.test(withoutAccents(header));
