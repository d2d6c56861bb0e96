import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ComponentType } from 'react';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { Page } from '../shell/Page';
import { ClassSheet } from './ClassSheet';
import { LotSheet } from './LotSheet';
import { OpenSheet } from './OpenSheet';
import { PacketsSheet } from './PacketsSheet';
import { PlanSheet } from './PlanSheet';
import { RoundSheet } from './RoundSheet';
import { SummarySheet } from './SummarySheet';
import { TagsSheet } from './TagsSheet';

interface Printable {
  readonly title: string;
  readonly note: string;
  readonly glyph: GlyphName;
  readonly Sheet: ComponentType;
}

/** All that can be had on paper: a line here and its file. */
const PRINTABLE = {
  tags: {
    title: 'Tags',
    note: 'For flowers to come, or of those that wear one: code, variety, parents, day',
    glyph: 'tag',
    Sheet: TagsSheet,
  },
  packets: {
    title: 'Seed packets',
    note: 'To fold from paper, or labels to stick on',
    glyph: 'seed',
    Sheet: PacketsSheet,
  },
  lot: {
    title: 'Record of a lot',
    note: 'For whoever gets some of it: what it is, how pure, and what it goes back to',
    glyph: 'look',
    Sheet: LotSheet,
  },
  round: {
    title: 'Round',
    note: 'For somebody without a phone, entered afterwards by its numbers',
    glyph: 'walk',
    Sheet: RoundSheet,
  },
  open: {
    title: 'Open now',
    note: 'Plants in walking order, to count open flowers with a pencil',
    glyph: 'female',
    Sheet: OpenSheet,
  },
  plan: { title: 'Plan', note: 'To scale, and what grows where', glyph: 'garden', Sheet: PlanSheet },
  season: {
    title: 'Season',
    note: 'What it came to, by variety, and what to change',
    glyph: 'fruit',
    Sheet: SummarySheet,
  },
  class: {
    title: 'Class sheet',
    note: 'Twelve drawn flowers to tell apart, with their key',
    glyph: 'look',
    Sheet: ClassSheet,
  },
} as const satisfies Readonly<Record<string, Printable>>;

const isPrintable = (name: string | undefined): name is keyof typeof PRINTABLE =>
  name !== undefined && Object.hasOwn(PRINTABLE, name);

/** What can be printed, or one of it. */
export function PrintScreen() {
  const router = useRouter();
  const { print } = useLocalSearchParams<{ print?: string }>();
  if (isPrintable(print)) {
    const { Sheet } = PRINTABLE[print];
    return <Sheet />;
  }
  return (
    <Page title="Print">
      <Text tone="soft">Each is shown as it will be before it is saved as a PDF, for A4 or Letter.</Text>
      {Object.entries(PRINTABLE).map(([name, { title, note, glyph }]) => (
        <ListRow
          key={name}
          glyph={<Glyph name={glyph} size={28} />}
          title={title}
          note={note}
          onPress={() => router.push({ pathname: '/more/print', params: { print: name } })}
        />
      ))}
    </Page>
  );
}
