/** Brings the first field that wants something into view, once it says so, and goes there. */
export function toFirstFault(): void {
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      const field = document.querySelector<HTMLElement>('[aria-invalid="true"]');
      field?.scrollIntoView({ block: 'center' });
      field?.focus({ preventScroll: true });
    }),
  );
}
