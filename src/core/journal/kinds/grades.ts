/** Grades of a fruit's seed. By themselves, since a round sorts by them that judges no purity. */
export const GRADES_BEST_FIRST = ['true', 'unproven', 'doubtful', 'notForSeed'] as const;
export type Grade = (typeof GRADES_BEST_FIRST)[number];
