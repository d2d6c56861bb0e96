/** What a bloom is meant for. `control`: left without pollen, to see what sets by itself; `open`: set by itself. */
export const ROLES = ['hand', 'control', 'open'] as const;
export type Role = (typeof ROLES)[number];
