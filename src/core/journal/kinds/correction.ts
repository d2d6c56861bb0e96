import type { KindDefinitions } from './definition';

/** Entries about entries. They name no subject of their own: they act on the subjects of their target. */
export interface CorrectionBodies {
  /** Replaces the whole body of another entry. `of` is the kind of the target. */
  amended: { readonly target: string; readonly of: string; readonly body: object };
  /** Takes another entry back; striking a strike brings it again. */
  struck: { readonly target: string };
}

export const CORRECTION_KINDS: KindDefinitions<CorrectionBodies> = {
  amended: { version: 1, structural: false, subjects: () => undefined },
  struck: { version: 1, structural: false, subjects: () => undefined },
};
