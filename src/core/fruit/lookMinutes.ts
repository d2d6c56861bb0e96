/** Walking to a fruit, finding its tag, looking. Our default. */
export const MINUTES_PER_LOOK = 0.5;
