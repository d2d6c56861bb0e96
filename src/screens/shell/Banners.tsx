import { usePathname, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { clockDoubt } from '@/core/time/clockDoubt';
import { addDays, atClock, dayAt } from '@/core/time/calendar';
import { sunTimes } from '@/core/time/sun';
import type { Current } from '@/data/device/deviceStore';
import type { GardenStore } from '@/data/garden/gardenStore';
import { DEMO_GARDEN } from '@/data/garden/session';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { useForward, useNow } from '@/data/hooks/useNow';
import { Button } from '@/ui/parts/Button';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { useOpened } from '@/data/hooks/opening';
import { useKeeping, useKeepingTold } from '@/data/hooks/useKeeping';
import { useSyncInBackground } from '@/data/hooks/useSync';
import { useTrouble } from '@/data/hooks/useTrouble';
import { KEEPING } from '../words/keeping';
import { Banner } from './Banner';
import { TABS } from './places';
import { useNewVersion } from './useNewVersion';

/** Narrow bands above the page: the demo's clock, a new version, and anything not safely stored. */
export function Banners() {
  const { demo, store } = useGarden();
  const { waiting } = useOpened();
  const path = usePathname();
  useSyncInBackground();
  return (
    <>
      {demo ? <DemoBanner /> : null}
      <NewVersionBanner />
      <FailureBanner />
      {demo ? null : <ClockBanner />}
      {store.unsaved.length > 0 ? <UnsavedBanner count={store.unsaved.length} /> : null}
      {waiting.map((left) => (
        <LeftUnsavedBanner key={left.id} left={left} />
      ))}
      {store.damage.length > 0 ? <DamageBanner /> : null}
      {store.wiped ? <WipedBanner /> : null}
      {/* Not in the middle of a walk or a round. */}
      {!demo && TABS.some(({ href }) => href === path) ? <KeepingBanner /> : null}
    </>
  );
}

/** The evening of the demo's clock, before sunset. */
const EVENING_MS = 179 * 60_000;

/** The demo's clock can be moved forward: to the evening, to the morning, to the next day. */
function DemoBanner() {
  const now = useNow();
  const moveOn = useForward();
  const router = useRouter();
  const path = usePathname();
  const f = useFormat();
  const garden = useGarden().store.described;
  if (!garden) return null;
  const day = dayAt(now, garden.zone);
  /** What is due then stands on Today. */
  const forward = (to: (now: number) => number): void => {
    moveOn(to);
    if (path !== '/') router.navigate('/');
  };
  const next =
    (of: (day: string) => number | null) =>
    (from: number): number => {
      const on = dayAt(from, garden.zone);
      const today = of(on);
      if (today !== null && today > from) return today;
      return of(addDays(on, 1)) ?? atClock(addDays(on, 1), 6, garden.zone);
    };
  const evening = (on: string): number | null => {
    const { sunset } = sunTimes(on, garden);
    return sunset === null ? null : sunset - EVENING_MS;
  };
  const morning = (on: string): number | null => {
    const { sunrise } = sunTimes(on, garden);
    return sunrise === null ? null : sunrise - 20 * 60_000;
  };
  return (
    <Banner label="Demo garden">
      <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 90 }}>
        <Text variant="small">
          Demo, {f.shortDay(day)} {f.time(now)}
        </Text>
        <Button
          variant="quiet"
          size="small"
          title="Start yours"
          label="Start yours: your own garden"
          onPress={() => router.navigate('/start')}
          style={{ alignSelf: 'flex-start', marginLeft: -SPACE.s, marginVertical: -SPACE.s }}
        />
      </View>
      <View style={{ flexShrink: 1, flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs }}>
        <Button
          size="small"
          title="Evening"
          label="Set the demo’s clock to the evening"
          onPress={() => forward(next(evening))}
        />
        <Button
          size="small"
          title="Morning"
          label="Set the demo’s clock to the morning"
          onPress={() => forward(next(morning))}
        />
        <Button
          size="small"
          title="+1 day"
          label="Move the demo’s clock: +1 day"
          onPress={() => forward((from) => from + 24 * 3_600_000)}
        />
      </View>
    </Banner>
  );
}

function NewVersionBanner() {
  const apply = useNewVersion();
  if (!apply) return null;
  return (
    <Banner label="New version">
      <Text variant="small" style={{ flex: 1 }}>
        A new version is ready.
      </Text>
      <Button title="Use it now" onPress={apply} />
    </Banner>
  );
}

/** What was asked for and did not happen, until it was read. */
function FailureBanner() {
  const { failures, clear } = useTrouble();
  const unsaved = useGarden().store.unsaved.length > 0;
  const first = failures[0];
  if (!first) return null;
  return (
    <Banner label="Not done">
      <Glyph name="warn" tone="rust" />
      <View style={{ flex: 1, minWidth: 160 }}>
        <Text variant="small" tone="rust" live>
          {first.what === 'notRecorded'
            ? 'This was not recorded, and nothing was changed. '
            : `That did not work.${unsaved ? '' : ' What you recorded is stored.'} `}
          {first.detail}
          {failures.length > 1 ? ` And ${failures.length - 1} more.` : ''}
        </Text>
      </View>
      <Button title="OK" label="OK, I have read it" onPress={clear} />
    </Banner>
  );
}

/** The device's clock contradicts what was recorded: what is recorded now would stand on a wrong day. */
function ClockBanner() {
  const router = useRouter();
  const now = useNow();
  const f = useFormat();
  const { store } = useGarden();
  const [heeded, setHeeded] = useState(false);
  const zone = store.described?.zone;
  const { newest } = store;
  const doubt = clockDoubt(now, newest);
  if (!doubt || !zone || newest === undefined || heeded) return null;
  const said = (ms: number): string => `${f.day(dayAt(ms, zone))}, ${f.time(ms)}`;
  return (
    <Banner label="Clock">
      <Glyph name="warn" tone="rust" />
      <View style={{ flex: 1, minWidth: 160 }}>
        <Text variant="small" tone="rust" live>
          {`This device says it is ${said(now)}, ${doubt === 'behind' ? 'before' : 'more than a year after'} the newest record, of ${said(newest)}. Check its date and time before you go on. If it was wrong while you worked, correct the times afterwards.`}
        </Text>
      </View>
      <Button title="Correct times" onPress={() => router.push('/more/times')} />
      <Button title="It is right" onPress={() => setHeeded(true)} />
    </Banner>
  );
}

function UnsavedBanner({ count }: { readonly count: number }) {
  const { store } = useGarden();
  const router = useRouter();
  const f = useFormat();
  return (
    <Banner label="Not saved">
      <Glyph name="unsaved" tone="rust" />
      <View style={{ flex: 1, minWidth: 160 }}>
        <Text variant="small" tone="rust" live>
          {f.count(count, 'entry is', 'entries are')} not saved: the device refused. Carry on; the app tries
          again.
        </Text>
      </View>
      <Button title="Try now" onPress={() => void store.retryUnsaved()} />
      <Button title="Export" onPress={() => router.push('/more/files')} />
    </Banner>
  );
}

/** Another garden was opened, and entries of the one before are not on disk yet. */
function LeftUnsavedBanner({ left }: { readonly left: GardenStore }) {
  const { open } = useGarden();
  const device = useDevice();
  const f = useFormat();
  const isDemo = left.id === DEMO_GARDEN;
  const current: Current = isDemo ? { demo: true } : { demo: false, garden: left.id };
  const back = async (): Promise<void> => {
    // Where the device does not take that either, it is open all the same until the page is loaded again.
    await device.setCurrent(current).catch(() => undefined);
    await open(current);
  };
  const name = isDemo ? 'the demo' : (left.described?.name ?? 'another garden');
  return (
    <Banner label="Not saved in another garden">
      <Glyph name="unsaved" tone="rust" />
      <View style={{ flex: 1, minWidth: 160 }}>
        <Text variant="small" tone="rust" live>
          {f.count(left.unsaved.length, 'entry', 'entries')} of {name}{' '}
          {left.unsaved.length === 1 ? 'is' : 'are'} not saved: the device refused. The app tries again; leave
          this page open, or go back there and export.
        </Text>
      </View>
      <Button title="Try now" label={`Try now: ${name}`} onPress={() => void left.retryUnsaved()} />
      <Button title="Go back" label={`Go back to ${name}`} onPress={() => void back()} />
    </Banner>
  );
}

/** Told once, when a garden of one's own has begun: this browser may clear it by itself. */
function KeepingBanner() {
  const router = useRouter();
  const kept = useKeeping();
  const { told, tell } = useKeepingTold();
  if (!kept || kept.keeping === 'kept' || kept.keeping === 'unknown' || told !== false) return null;
  return (
    <Banner label="How records are kept">
      <Glyph name="warn" tone="rust" />
      <View style={{ flex: 1, minWidth: 240 }}>
        <Text variant="small">{KEEPING[kept.keeping]}</Text>
      </View>
      <Button
        title="What to do"
        onPress={() => {
          tell();
          router.push('/more/files');
        }}
      />
      <Button title="OK" label="OK, I have read how records are kept" onPress={tell} />
    </Banner>
  );
}

function DamageBanner() {
  const router = useRouter();
  return (
    <Banner label="Damage found">
      <Glyph name="warn" tone="rust" />
      <Text variant="small" tone="rust" style={{ flex: 1 }}>
        Part of the records could not be read.
      </Text>
      <Button title="See which" onPress={() => router.push('/more/files')} />
    </Banner>
  );
}

function WipedBanner() {
  return (
    <Banner label="Garden removed">
      <Glyph name="warn" tone="rust" />
      <Text variant="small" tone="rust" style={{ flex: 1 }}>
        This garden was removed from the device in another tab.
      </Text>
      <Button title="Reload" onPress={() => window.location.reload()} />
    </Banner>
  );
}
