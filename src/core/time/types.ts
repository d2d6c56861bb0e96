/** A UTC instant in ISO 8601 with milliseconds, `2026-07-18T18:20:00.000Z`: sorts as text. */
export type Instant = string;

/** A calendar day in the garden's zone, `YYYY-MM-DD`: sorts as text. */
export type Day = string;
