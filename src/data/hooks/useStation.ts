import { useQuery } from '@tanstack/react-query';
import type { Garden } from '@/core/journal/state';
import { MS_PER_HOUR } from '@/core/time/calendar';
import type { StationAnswer } from '@/core/weather/readings';
import type { GardenStore } from '../garden/gardenStore';
import { useOpened } from './opening';

/** What the station said last, and when, UTC milliseconds of the garden's clock. */
interface HeldAnswer {
  readonly answer: StationAnswer;
  readonly readAt: number;
}

export interface Station {
  /** The last answer, also of an earlier visit; `undefined` where there never was one. */
  readonly held: HeldAnswer | undefined;
  readonly state: 'reading' | 'read' | 'offline' | 'failed';
  readonly readAgain: () => void;
}

async function ask({ clock }: GardenStore, garden: Garden): Promise<HeldAnswer> {
  const { latitude, longitude, zone } = garden;
  const readAt = clock.now();
  const query = { latitude, longitude, zone, now: Math.floor(readAt) };
  const search = new URLSearchParams(Object.entries(query).map(([name, value]) => [name, `${value}`]));
  const response = await fetch(`/api/weather?${search}`);
  if (!response.ok) throw new Error(`the weather station answered ${response.status}`);
  const { checkStationAnswer } = await import('../schema/entrySchema');
  return { answer: checkStationAnswer(await response.json()), readAt };
}

/** The weather station next to the server, read while there is a connection; its last answer is kept on the device. */
export function useStation(): Station {
  const { session, device } = useOpened();
  const store = session.garden;
  const kept = useQuery({
    queryKey: ['station-kept', store.id],
    queryFn: async () => {
      const kept = await device.readKept<HeldAnswer>(`station/${store.id}`);
      if (!kept) return null;
      const { checkStationAnswer } = await import('../schema/entrySchema');
      return { answer: checkStationAnswer(kept.answer), readAt: Number(kept.readAt) };
    },
  });
  const now = useQuery({
    queryKey: ['station', store.id, Math.floor(store.clock.now() / MS_PER_HOUR)],
    networkMode: 'online',
    retry: 1,
    queryFn: async () => {
      const garden = store.described;
      if (!garden) throw new Error('no garden');
      const held = await ask(store, garden);
      // A device that does not take it only has no forecast when it is offline.
      void device.keepValue(`station/${store.id}`, held).catch(() => undefined);
      return held;
    },
  });
  const state =
    now.fetchStatus === 'paused'
      ? 'offline'
      : now.isFetching
        ? 'reading'
        : now.status === 'success'
          ? 'read'
          : navigator.onLine
            ? 'failed'
            : 'offline';
  return {
    held: now.data ?? kept.data ?? undefined,
    state,
    readAgain: () => void now.refetch(),
  };
}
