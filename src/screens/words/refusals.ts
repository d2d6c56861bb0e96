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
    case 'altered':
      return 'The file was changed or damaged after it was exported: its checksum does not fit.';
    case 'noGarden':
      return 'The file does not describe its garden, and that garden is not on this device.';
    case 'tooLong':
      return `Entry ${refusal.position} holds a list or a text longer than any that is written here.`;
    case 'clock':
      return `Entry ${refusal.position} has the number ${refusal.found} for its place in the order, far beyond any garden’s.`;
    case 'otherGarden':
      return `Entry ${refusal.position} belongs to another garden (${refusal.found}).`;
    case 'badEntry': {
      const { field, expected, found } = refusal.fault;
      return `Entry ${refusal.position}: ${field} should be ${expected}, but is ${found}.`;
    }
    case 'changedEntries':
      return `${refusal.ids.length === 1 ? 'One entry stands' : `${refusal.ids.length} entries stand`} here with another content: ${refusal.ids.slice(0, 5).join(', ')}${refusal.ids.length > 5 ? ' …' : ''}. Entries are never changed, so one of the two was tampered with.`;
  }
}
