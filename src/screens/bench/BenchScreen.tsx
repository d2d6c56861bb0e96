import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useDevice, useGarden } from '@/data/provider';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';

/** What is not part of the day's work: files, settings, cautions, gardens. */
export function BenchScreen() {
  const router = useRouter();
  const device = useDevice();
  const { demo, store, open } = useGarden();
  return (
    <Page title="Bench">
      <Line
        glyph={<Glyph name="file" size={28} />}
        title="Files"
        note="Export, take in, table of flowers, remove"
        onPress={() => router.push('/bench/files')}
      />
      <Line
        glyph={<Glyph name="today" size={28} />}
        title="Settings"
        note="Day or night, units, clock"
        onPress={() => router.push('/bench/settings')}
      />
      <Line
        glyph={<Glyph name="warn" size={28} />}
        title="Cautions"
        note="Heat, bees, disease, sprays, bitter fruit, law"
        onPress={() => router.push('/bench/cautions')}
      />
      <Line
        glyph={<Glyph name="look" size={28} />}
        title="Report"
        note="What went wrong on this device, to copy for somebody who can help"
        onPress={() => router.push('/bench/report')}
      />
      <View style={{ marginTop: SPACE.xl }}>
        <Words kind="heading" level={2}>
          Gardens on this device
        </Words>
        <Line
          title="Demo garden"
          note="Made up, to look around in. Nothing of it gets into your own garden."
          end={demo ? 'open' : undefined}
          onPress={() => void device.setCurrent({ demo: true }).then(() => open({ demo: true }))}
        />
        {device.gardens.map(({ id, name }) => (
          <Line
            key={id}
            title={name}
            end={!demo && store.id === id ? 'open' : undefined}
            onPress={() =>
              void device
                .setCurrent({ demo: false, garden: id })
                .then(() => open({ demo: false, garden: id }))
            }
          />
        ))}
        <Line
          glyph={<Glyph name="garden" size={28} />}
          title="Begin your own garden"
          note="A place, a bed, a variety"
          onPress={() => router.push('/start')}
        />
      </View>
    </Page>
  );
}
