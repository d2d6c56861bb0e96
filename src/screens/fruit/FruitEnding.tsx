import { useState } from 'react';
import { View } from 'react-native';
import { coverOff, thinned } from '@/core/fruit/takenOff';
import type { Fact } from '@/core/journal/entry';
import { isCovered } from '@/core/journal/isCovered';
import type { HarvestUse } from '@/core/journal/kinds/fruit';
import { COVER_FINDINGS, type CoverFinding } from '@/core/journal/kinds/roundBodies';
import { pollinationsOf } from '@/core/journal/pollinations';
import type { Bloom } from '@/core/journal/state';
import { addDays, dayAt, daysBetween } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { COVERS_FOUND } from '../words/names';

/** What it is harvested for, with what became of the tag of one for seed. */
type Harvest = 'eat' | 'seed' | 'seedHardToRead' | 'seedNoTag';

const USES: readonly { readonly value: Harvest; readonly title: string; readonly note?: string }[] = [
  { value: 'eat', title: 'To eat' },
  { value: 'seed', title: 'For seed, the tag is on it' },
  {
    value: 'seedHardToRead',
    title: 'For seed, the tag is hard to read',
    note: 'it may be that of another fruit',
  },
  { value: 'seedNoTag', title: 'For seed, but the tag is gone', note: 'nobody can say which fruit it is' },
];

/** Harvest, and the ends that are no failure of the pollination. */
export function FruitEnding({ bloom }: { readonly bloom: Bloom }) {
  const id = bloom.bloom;
  const record = useRecord();
  const [harvesting, setHarvesting] = useState(false);
  const [uncovering, setUncovering] = useState(false);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
      <Button title="Harvest" onPress={() => setHarvesting(true)} />
      <Button title="Thinned" onPress={() => record([thinned(id)])} />
      <Button
        title="Lost: animal, vine, mower"
        onPress={() => record([{ kind: 'removed', body: { bloom: id, how: 'lost' } }])}
      />
      <Button
        title="Tag hard to read"
        onPress={() => record([{ kind: 'looked', body: { bloom: id, seen: 'growing', tag: 'hardToRead' } }])}
      />
      <Button
        variant="loss"
        title="Tag gone"
        onPress={() => record([{ kind: 'looked', body: { bloom: id, seen: 'growing', tag: 'gone' } }])}
      />
      {isCovered(bloom) && !bloom.uncovered ? (
        <Button title="Cover off" onPress={() => setUncovering(true)} />
      ) : null}
      <UncoverSheet bloom={bloom} open={uncovering} onClose={() => setUncovering(false)} />
      <HarvestSheet id={id} open={harvesting} onClose={() => setHarvesting(false)} />
    </View>
  );
}

interface HarvestSheetProps {
  readonly id: string;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Asks what for, and, of what is for seed, how its plant looked. */
function HarvestSheet({ id, open, onClose }: HarvestSheetProps) {
  const record = useRecord();
  const [forSeed, setForSeed] = useState<Exclude<Harvest, 'eat'>>();
  const close = (): void => {
    setForSeed(undefined);
    onClose();
  };
  const harvest = (use: HarvestUse, typical: boolean): void => {
    const body = { bloom: id, use, tagThere: forSeed !== 'seedNoTag', typical };
    const unread: Fact[] =
      forSeed === 'seedHardToRead'
        ? [{ kind: 'looked', body: { bloom: id, seen: 'growing', tag: 'hardToRead' } }]
        : [];
    record([...unread, { kind: 'harvested', body }]);
    close();
  };
  return (
    <Sheet title="Harvest" open={open} onClose={close} closeTitle="Close">
      {forSeed ? (
        <Choice<'yes' | 'no'>
          label="Was its plant healthy and true to the variety?"
          value={undefined}
          options={[
            { value: 'yes', title: 'Yes, both' },
            { value: 'no', title: 'No, or I am not sure' },
          ]}
          onChange={(choice) => harvest('seed', choice === 'yes')}
        />
      ) : (
        <Choice<Harvest>
          label="What for, and is the tag on it?"
          value={undefined}
          options={USES}
          onChange={(choice) => (choice === 'eat' ? harvest('eat', true) : setForSeed(choice))}
        />
      )}
      <Text variant="small" tone="soft">
        Taste the flesh before you save its seed. Spit out and discard a bitter one: it can poison. Take no
        seed from a mottled or odd-looking mother.
      </Text>
    </Sheet>
  );
}

/** How the cover was found, and on which day it came off where that was not now. */
function UncoverSheet({
  bloom,
  open,
  onClose,
}: Pick<HarvestSheetProps, 'open' | 'onClose'> & { readonly bloom: Bloom }) {
  const f = useFormat();
  const record = useRecord();
  const { store } = useGarden();
  const [found, setFound] = useState<Exclude<CoverFinding, 'whole'>>();
  const today = dayAt(store.clock.now(), store.described!.zone);
  const close = (): void => {
    setFound(undefined);
    onClose();
  };
  const save = (as: CoverFinding, day: Day | undefined): void => {
    record([coverOff(bloom, as, day)]);
    close();
  };
  const last = pollinationsOf(bloom).at(-1)?.day ?? bloom.day ?? today;
  const days = Array.from(
    { length: Math.min(MAX_DAYS, Math.max(0, daysBetween(last, today)) + 1) },
    (_, back) => addDays(today, -back),
  );
  return (
    <Sheet title="Cover off" open={open} onClose={close} closeTitle="Close">
      {found ? (
        <Choice<Day>
          label="Since which day?"
          value={undefined}
          options={[
            { value: UNKNOWN, title: 'Nobody knows' },
            ...days.map((day, back) => ({ value: day, title: back === 0 ? 'Today' : f.day(day) })),
          ]}
          onChange={(day) => save(found, day === UNKNOWN ? undefined : day)}
        />
      ) : (
        <Choice<CoverFinding>
          label="How was it found?"
          value={undefined}
          options={COVER_FINDINGS.map((value) => ({ value, title: COVERS_FOUND[value] }))}
          onChange={(choice) => (choice === 'whole' ? save('whole', today) : setFound(choice))}
        />
      )}
    </Sheet>
  );
}

const UNKNOWN = '';
/** So many days back one remembers. Our default. */
const MAX_DAYS = 10;
