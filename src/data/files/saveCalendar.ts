import { calendarEvents, startOf, type CalendarEvent } from '@/core/calendar/events';
import type { Garden } from '@/core/journal/state';
import type { DeviceStore } from '../device/deviceStore';
import type { GardenStore } from '../garden/gardenStore';
import type { EventWords, GoneEvent } from './calendar';
import { download } from './download';
import { fileName } from './exports';

interface SavedCalendar {
  readonly store: GardenStore;
  readonly garden: Garden;
  readonly device: DeviceStore;
  readonly say: (event: CalendarEvent) => EventWords;
}

/** Hands the garden's calendar to the browser to save; what was in the one before and is not due any more is cancelled. */
export async function saveCalendar({ store, garden, device, say }: SavedCalendar): Promise<void> {
  const { encodeCalendar } = await import('./calendar');
  const now = store.clock.now();
  const events = calendarEvents(store.journal, garden, now);
  const key = `calendar/${store.id}`;
  const before = (await device.readKept<GoneEvent[]>(key).catch(() => undefined)) ?? [];
  const uids = new Set(events.map(({ uid }) => uid));
  const gone = before.filter((event) => !uids.has(event.uid) && startOf(event, garden) > now);
  const words = events.map((event) => ({ ...event, ...say(event) }));
  const text = encodeCalendar({ id: store.id, name: garden.name, events: words, gone, now });
  download(fileName(garden, now, '.ics'), text, 'text/calendar');
  const kept = [...events, ...gone].map(({ uid, time }): GoneEvent => ({ uid, time }));
  await device.keepValue(key, kept).catch(() => undefined);
}
