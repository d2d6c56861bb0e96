import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { addDays, atClock, dayAt } from '@/core/time/calendar';
import { sunTimes } from '@/core/windows/sun';
import { walkOpens } from '@/core/tasks/dayTasks';
import { useForward, useGarden, useNow } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Words } from '@/ui/parts/Words';
import { SPACE, usePalette } from '@/ui/theme';
import { useFormat } from '../format';
import { useNewVersion } from './useNewVersion';

/** Narrow bands over the page: the demo's clock, a new version, and anything not safely stored. */
export function Bands() {
  const { demo, store } = useGarden();
  return (
    <>
      {demo ? <DemoBand /> : null}
      <NewVersionBand />
      {store.unsaved.length > 0 ? <UnsavedBand count={store.unsaved.length} /> : null}
      {store.damage.length > 0 ? <DamageBand /> : null}
      {store.wiped ? <WipedBand /> : null}
    </>
  );
}

function Band({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View
      role="region"
      aria-label={label}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: SPACE.s,
        paddingHorizontal: SPACE.l,
        paddingVertical: SPACE.xs,
        backgroundColor: palette.wash,
        borderBottomWidth: 1.5,
        borderColor: palette.line,
      }}
    >
      {children}
    </View>
  );
}

/** The demo's clock can be put forward: to the evening, to the morning, to the next day. */
function DemoBand() {
  const now = useNow();
  const forward = useForward();
  const f = useFormat();
  const garden = useGarden().store.described;
  if (!garden) return null;
  const day = dayAt(now, garden.zone);
  const next = (of: (day: string) => number | null): number => {
    const today = of(day);
    return today !== null && today > now
      ? today
      : (of(addDays(day, 1)) ?? atClock(addDays(day, 1), 6, garden.zone));
  };
  const evening = (on: string): number | null => {
    const { sunset } = sunTimes(on, garden);
    return sunset === null ? null : walkOpens(sunset) + 60_000;
  };
  const morning = (on: string): number | null => {
    const { sunrise } = sunTimes(on, garden);
    return sunrise === null ? null : sunrise - 20 * 60_000;
  };
  return (
    <Band label="Demo garden">
      <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 90 }}>
        <Words kind="small">
          Demo, {f.shortDay(day)} {f.time(now)}
        </Words>
      </View>
      <View style={{ flexDirection: 'row', gap: SPACE.xs }}>
        <Action
          title="Evening"
          label="Put the demo’s clock to the evening"
          onPress={() => forward(next(evening))}
        />
        <Action
          title="Morning"
          label="Put the demo’s clock to the morning"
          onPress={() => forward(next(morning))}
        />
        <Action
          size="small"
          title="+1 day"
          label="Put the demo’s clock one day forward"
          onPress={() => forward(now + 24 * 3_600_000)}
        />
      </View>
    </Band>
  );
}

function NewVersionBand() {
  const apply = useNewVersion();
  if (!apply) return null;
  return (
    <Band label="New version">
      <Words kind="small" style={{ flex: 1 }}>
        A new version is ready.
      </Words>
      <Action title="Use it now" onPress={apply} />
    </Band>
  );
}

function UnsavedBand({ count }: { readonly count: number }) {
  const { store } = useGarden();
  const router = useRouter();
  const f = useFormat();
  return (
    <Band label="Not saved">
      <Glyph name="unsaved" tone="rust" />
      <View style={{ flex: 1, minWidth: 160 }}>
        <Words kind="small" tone="rust" live>
          {f.count(count, 'entry is', 'entries are')} not saved: the device refused. Go on; it is tried again.
        </Words>
      </View>
      <Action title="Try now" onPress={() => void store.retryUnsaved()} />
      <Action title="Export" onPress={() => router.push('/bench/files')} />
    </Band>
  );
}

function DamageBand() {
  const router = useRouter();
  return (
    <Band label="Damage found">
      <Glyph name="warn" tone="rust" />
      <Words kind="small" tone="rust" style={{ flex: 1 }}>
        Part of the records could not be read.
      </Words>
      <Action title="See which" onPress={() => router.push('/bench/files')} />
    </Band>
  );
}

function WipedBand() {
  return (
    <Band label="Garden removed">
      <Glyph name="warn" tone="rust" />
      <Words kind="small" tone="rust" style={{ flex: 1 }}>
        This garden was removed from the device in another tab.
      </Words>
      <Action title="Reload" onPress={() => window.location.reload()} />
    </Band>
  );
}
