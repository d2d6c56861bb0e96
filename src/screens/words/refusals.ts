import type { Refusal } from '@/data/files/backup';

/** Why a file was not imported, in the grower's words. */
export function sayRefusal(refusal: Refusal): string {
  switch (refusal.why) {
    case 'tooLarge':
      return 'The file is larger than any garden’s records can be.';
    case 'notJson':
      return 'The file cannot be read as a backup: it is cut short or damaged, or is something else.';
    case 'notABackup':
      return 'This is not a backup of Steady Trowel.';
    case 'newerVersion':
      return 'The backup was written by a newer version. Update first, then import it.';
    case 'tooDeep':
    case 'proto':
      return 'The file holds things that no backup of Steady Trowel holds.';
    case 'otherGarden':
      return `Entry ${refusal.position} belongs to another garden (${refusal.found}).`;
    case 'badEntry': {
      const { field, expected, found } = refusal.fault;
      return `Entry ${refusal.position}: ${field} should be: ${expected}. Found: ${found}.`;
    }
    case 'changedEntries':
      return `${refusal.ids.length === 1 ? 'One entry stands' : `${refusal.ids.length} entries stand`} here with another content: ${refusal.ids.slice(0, 5).join(', ')}${refusal.ids.length > 5 ? ' …' : ''}. Entries are never changed, so one of the two was tampered with.`;
  }
}
