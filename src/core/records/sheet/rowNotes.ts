import { LONGEST } from '../../journal/limits';
import { groupBy } from '../../text/groupBy';
import type { NewVariety } from '../planDraft';

/** What a line of a table notes of its plants. */
export interface RowNote {
  /** Its place among the varieties. */
  readonly variety: number;
  /** Bed and row. */
  readonly where: string;
  readonly text: string;
  readonly line: number;
}

/**
 * Varieties with what was noted of them: of all their lines at once, or of a row by its place.
 *
 * @returns the varieties, and of each whose note became too long the first that was noted.
 */
export function withNotes(
  varieties: readonly NewVariety[],
  notes: readonly RowNote[],
): { readonly varieties: NewVariety[]; readonly tooLong: readonly RowNote[] } {
  const byVariety = groupBy(notes, ({ variety }) => variety);
  const tooLong: RowNote[] = [];
  const noted = varieties.map((variety, i) => {
    const own = byVariety.get(i) ?? [];
    const alike = new Set(own.map(({ text }) => text)).size === 1;
    const lines = alike ? [own[0]!.text] : own.map(({ where, text }) => `${where}: ${text}`);
    const note = [variety.note, ...lines.filter((each) => !variety.note?.includes(each))]
      .filter(Boolean)
      .join('\n');
    if (note === (variety.note ?? '')) return variety;
    if (note.length > LONGEST.note) tooLong.push(own[0]!);
    return { ...variety, note, ...(variety.held && { renoted: true as const }) };
  });
  return { varieties: noted, tooLong };
}
