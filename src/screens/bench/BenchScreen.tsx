import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { EXPORT_NAMES } from '../words/exports';

const EXPORTED = Object.values(EXPORT_NAMES)
  .map(({ brief }) => brief)
  .join(', ');

/** Everything but the day's work: files, settings, cautions, gardens. */
export function BenchScreen() {
  const router = useRouter();
  const device = useDevice();
  const { demo, store, open } = useGarden();
  return (
    <Page title="Bench">
      <ListRow
        glyph={<Glyph name="female" size={28} />}
        title="Which flower is this?"
        note="Male or female, how old, and what can be done with it now"
        onPress={() => router.push('/bench/identify')}
      />
      <ListRow
        glyph={<Glyph name="perfect" size={28} />}
        title="Field guide"
        note="A page for each crop: signs, hours, ways of working, mistakes, figures"
        onPress={() => router.push('/bench/guide')}
      />
      <ListRow
        glyph={<Glyph name="look" size={28} />}
        title="Practice"
        note="Tell drawn flowers apart, five minutes a day"
        onPress={() => router.push('/bench/practice')}
      />
      <ListRow
        glyph={<Glyph name="perfect" size={28} />}
        title="Shake the flowers"
        note="Tomato, pepper, aubergine, strawberry, corn to eat: row by row, with a timer"
        onPress={() => router.push('/routine')}
      />
      <ListRow
        glyph={<Glyph name="tape" size={28} />}
        title="Supplies"
        note="What was used up, and what to get"
        onPress={() => router.push('/bench/supplies')}
      />
      <ListRow
        glyph={<Glyph name="male" size={28} />}
        title="Kept pollen"
        note="Dry and cold, or a tassel’s bag for tomorrow"
        onPress={() => router.push('/pollen')}
      />
      <ListRow
        glyph={<Glyph name="tie" size={28} />}
        title="Colours of ties"
        note="What red, yellow or blue twine on a stalk means here"
        onPress={() => router.push('/bench/ties')}
      />
      <ListRow
        glyph={<Glyph name="file" size={28} />}
        title="Files"
        note={`Export ${EXPORTED}; import; remove`}
        onPress={() => router.push('/bench/files')}
      />
      <ListRow
        glyph={<Glyph name="today" size={28} />}
        title="Settings"
        note="Day or night, units, clock"
        onPress={() => router.push('/bench/settings')}
      />
      <ListRow
        glyph={<Glyph name="clock" size={28} />}
        title="Correct times"
        note="When the clock was wrong while you worked"
        onPress={() => router.push('/bench/times')}
      />
      <ListRow
        glyph={<Glyph name="look" size={28} />}
        title="Words"
        note="Eve bud, truss, isolation distance, effective size: what they mean"
        onPress={() => router.push('/bench/glossary')}
      />
      <ListRow
        glyph={<Glyph name="warn" size={28} />}
        title="Cautions"
        note="Heat, bees, disease, sprays, bitter fruit, law"
        onPress={() => router.push('/bench/cautions')}
      />
      <ListRow
        glyph={<Glyph name="look" size={28} />}
        title="Report"
        note="What went wrong on this device, to send to somebody who can help"
        onPress={() => router.push('/bench/report')}
      />
      <View style={{ marginTop: SPACE.xl }}>
        <Text variant="heading" level={2}>
          Gardens on this device
        </Text>
        <ListRow
          title="Demo garden"
          note="Invented, to try things out. Nothing in it gets into your own garden."
          end={demo ? 'open' : undefined}
          onPress={() => void device.setCurrent({ demo: true }).then(() => open({ demo: true }))}
        />
        {device.gardens.map(({ id, name }) => (
          <ListRow
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
        <ListRow
          glyph={<Glyph name="garden" size={28} />}
          title="Start your own garden"
          note="A location, a bed, a variety"
          onPress={() => router.push('/start')}
        />
      </View>
    </Page>
  );
}
