/** Long enough to be felt through a glove, ms. Our default. */
const SHORT = 40;

/** Can the device be felt? What has no motor ignores it, which no browser tells. */
export const canVibrate = (): boolean => typeof navigator !== 'undefined' && 'vibrate' in navigator;

/** A short tap that is felt in the hand. */
export function vibrate(): void {
  if (canVibrate()) navigator.vibrate(SHORT);
}
