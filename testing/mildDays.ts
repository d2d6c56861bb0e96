import { addDays } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { Phone } from './yard';

/** So many days that were mild, as they were noted: lengths in days hold as the crops' facts give them. */
export function noteMildDays(phone: Phone, from: Day, days: number, by = 0): void {
  for (let i = 0; i < days; i += 1) {
    const day = addDays(from, i);
    phone.say(`${day}T21:00:00Z`, {
      kind: 'weather.noted',
      body: { day, dawnC: 15 + by, maxC: 25 + by, rain: 'none' },
    });
  }
}
