/** A long season, in days: what counts as the present one where none was named. Our default. */
export const SEASON_DAYS = 200;
