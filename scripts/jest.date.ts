/** Puts the machine's date elsewhere for a whole run, `TEST_NOW=2026-01-15T10:00:00Z`: no test may depend on it. */
const wanted = process.env['TEST_NOW'];
if (wanted) {
  const shift = Date.parse(wanted) - Date.now();
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
