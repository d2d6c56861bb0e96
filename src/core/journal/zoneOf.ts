import type { Journal } from './journal';

/**
 * The IANA zone of a journal's garden; UTC as long as nobody has described it.
 *
 * @example zoneOf(new Journal()) // 'UTC'
 */
export const zoneOf = (journal: Pick<Journal, 'all'>): string => journal.all('garden').get('')?.zone ?? 'UTC';
