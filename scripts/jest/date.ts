/** Starts each test file at the date of its project, where it has one: no test may depend on it. */
const { testNow } = globalThis as { testNow?: string };
if (testNow) {
  const shift = Date.parse(testNow) - Date.now();
  const RealDate = Date;
  class ShiftedDate extends RealDate {
    constructor(...parts: readonly unknown[]) {
      if (parts.length === 0) super(RealDate.now() + shift);
      else super(...(parts as [number]));
    }
    static override now(): number {
      return RealDate.now() + shift;
    }
  }
  globalThis.Date = ShiftedDate as DateConstructor;
}
