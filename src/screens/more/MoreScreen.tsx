import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { EXPORT_NAMES } from '../words/exports';

const EXPORTED = Object.values(EXPORT_NAMES)
  .map(({ brief }) => brief)
  .join(', ');

interface Line {
  readonly glyph: GlyphName;
  readonly title: string;
  readonly note: string;
  readonly href: string;
}

const LEARN: readonly Line[] = [
  {
    glyph: 'female',
    title: 'Which flower is this?',
    note: 'Male or female, how old, and what can be done with it now',
    href: '/more/identify',
  },
  {
    glyph: 'perfect',
    title: 'Field guide',
    note: 'A page for each crop: signs, hours, ways of working, mistakes, figures',
    href: '/more/guide',
  },
  {
    glyph: 'look',
    title: 'Practice',
    note: 'Tell drawn flowers apart, five minutes a day',
    href: '/more/practice',
  },
  {
    glyph: 'look',
    title: 'For a class',
    note: 'A sheet of drawn flowers with its key, or one at a time, large',
    href: '/more/class',
  },
  {
    glyph: 'look',
    title: 'Words',
    note: 'Eve bud, truss, isolation distance, effective size: what they mean',
    href: '/more/glossary',
  },
  {
    glyph: 'warn',
    title: 'Cautions',
    note: 'Heat, bees, disease, sprays, bitter fruit, law',
    href: '/more/cautions',
  },
];

const TOOLS: readonly Line[] = [
  {
    glyph: 'perfect',
    title: 'Shake the flowers',
    note: 'Tomato, pepper, aubergine, strawberry, corn to eat: row by row, with a timer',
    href: '/routine',
  },
  { glyph: 'tape', title: 'Supplies', note: 'What was used up, and what to get', href: '/more/supplies' },
  {
    glyph: 'male',
    title: 'Kept pollen',
    note: 'Dry and cold, or a tassel’s bag for tomorrow',
    href: '/pollen',
  },
  {
    glyph: 'fruitYoung',
    title: 'Blossoms to eat or sell',
    note: 'Male flowers that no pollination wants: which to pick, and what they come to',
    href: '/more/blossoms',
  },
  {
    glyph: 'tie',
    title: 'Colours of ties',
    note: 'What red, yellow or blue twine on a stalk means here',
    href: '/more/ties',
  },
];

const RECORDS: readonly Line[] = [
  { glyph: 'file', title: 'Files', note: `Export ${EXPORTED}; import; remove`, href: '/more/files' },
  {
    glyph: 'tag',
    title: 'Print',
    note: 'Tags, seed packets, the round for a helper, the plan, the season, a class sheet',
    href: '/more/print',
  },
  {
    glyph: 'clock',
    title: 'Correct times',
    note: 'When the clock was wrong while you worked',
    href: '/more/times',
  },
];

const DEVICE: readonly Line[] = [
  {
    glyph: 'phones',
    title: 'Several phones',
    note: 'Sync a garden, add a phone, join one, or get a garden back',
    href: '/more/phones',
  },
  { glyph: 'today', title: 'Settings', note: 'Day or night, units, clock', href: '/more/settings' },
  {
    glyph: 'look',
    title: 'Report',
    note: 'What went wrong on this device, to send to somebody who can help',
    href: '/more/report',
  },
];

/** Everything but the day's work: what there is to learn, tools, records, and this device with its gardens. */
export function MoreScreen() {
  const router = useRouter();
  const device = useDevice();
  const { demo, store, open } = useGarden();
  return (
    <Page
      title="More"
      aside={
        <>
          <Group title="Tools" lines={TOOLS} />
          <Group title="Records" lines={RECORDS} />
          <Group title="This device" lines={DEVICE} />
        </>
      }
    >
      <Group title="Gardens on this device">
        <ListRow
          glyph={<Glyph name="garden" size={28} />}
          title="Start your own garden"
          note="A location, a bed, a variety"
          onPress={() => router.push('/start')}
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
          title="Demo garden"
          note="Invented, to try things out. Nothing in it gets into your own garden."
          end={demo ? 'open' : undefined}
          onPress={() => void device.setCurrent({ demo: true }).then(() => open({ demo: true }))}
        />
      </Group>
      <Group title="Learn" lines={LEARN} />
    </Page>
  );
}

interface GroupProps {
  readonly title: string;
  readonly lines?: readonly Line[];
  readonly children?: ReactNode;
}

function Group({ title, lines = [], children }: GroupProps) {
  const router = useRouter();
  return (
    <View style={{ marginBottom: SPACE.xl }}>
      <Text variant="heading" level={2}>
        {title}
      </Text>
      {children}
      {lines.map(({ glyph, title: name, note, href }) => (
        <ListRow
          key={href}
          glyph={<Glyph name={glyph} size={28} />}
          title={name}
          note={note}
          onPress={() => router.push(href)}
        />
      ))}
    </View>
  );
}
