import { useState } from 'react';
import { View } from 'react-native';
import type { Crop } from '@/core/crops/catalogue';
import { harvested, tagFound, type Harvested } from '@/core/fruit/harvested';
import { mayBeSwapped, tagsSwapped } from '@/core/fruit/swapped';
import { coverOff, daysUncovered, thinned } from '@/core/fruit/takenOff';
import { isCovered } from '@/core/journal/isCovered';
import type { TagState } from '@/core/journal/kinds/fruit';
import { COVER_FINDINGS, type CoverFinding } from '@/core/journal/kinds/roundBodies';
import type { Bodies } from '@/core/journal/kinds/kinds';
import { plantLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import type { Bloom } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
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
const USES: readonly {
  readonly value: string;
  readonly title: string;
  readonly note?: string;
  readonly tag?: TagState;
}[] = [
  { value: 'eat', title: 'To eat' },
  { value: 'seed', title: 'For seed, the tag is on it', tag: 'there' },
  {
    value: 'seedHardToRead',
    title: 'For seed, the tag is hard to read',
    note: 'it may be that of another fruit',
    tag: 'hardToRead',
  },
  {
    value: 'seedNoTag',
    title: 'For seed, but the tag is gone',
    note: 'nobody can say which fruit it is',
    tag: 'gone',
  },
];

/** Of the gourd family alone: crossed with ornamental or wild ones they can be bitter. */
const BITTER = 'Taste the flesh before you save its seed. Spit out and discard a bitter one: it can poison.';

/** Harvest, and the ends that are no failure of the pollination. */
export function FruitEnding({ bloom, crop }: { readonly bloom: Bloom; readonly crop: Crop }) {
  const id = bloom.bloom;
  const record = useRecord();
  const [harvesting, setHarvesting] = useState(false);
  const [uncovering, setUncovering] = useState(false);
  const [tagging, setTagging] = useState(false);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
      <Button title="Harvest" onPress={() => setHarvesting(true)} />
      <Button title="Thinned" onPress={() => record([thinned(id)])} />
      <Button
        title="Lost: animal, vine, mower"
        onPress={() => record([{ kind: 'removed', body: { bloom: id, how: 'lost' } }])}
      />
      <Button title="Tag hard to read" onPress={() => record([tagFound(id, 'hardToRead')])} />
      <Button variant="loss" title="Tag gone" onPress={() => record([tagFound(id, 'gone')])} />
      <Button title="New tag" onPress={() => setTagging(true)} />
      {isCovered(bloom) && !bloom.uncovered ? (
        <Button title="Cover off" onPress={() => setUncovering(true)} />
      ) : null}
      <NewTagSheet bloom={bloom} open={tagging} onClose={() => setTagging(false)} />
      <UncoverSheet bloom={bloom} open={uncovering} onClose={() => setUncovering(false)} />
      <HarvestSheet id={id} crop={crop} open={harvesting} onClose={() => setHarvesting(false)} />
    </View>
  );
}

interface HarvestSheetProps {
  readonly id: string;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** Asks what for, and, of what is for seed, how its plant looked. */
function HarvestSheet({ id, crop, open, onClose }: HarvestSheetProps & { readonly crop: Crop }) {
  const record = useRecord();
  /** The tag of one for seed. */
  const [tag, setTag] = useState<TagState>();
  const close = (): void => {
    setTag(undefined);
    onClose();
  };
  const harvest = (as: Harvested): void => {
    record(harvested(id, as));
    close();
  };
  return (
    <Sheet title="Harvest" open={open} onClose={close} closeTitle="Close">
      {tag ? (
        <Choice<'yes' | 'no'>
          label="Was its plant healthy and true to the variety?"
          value={undefined}
          options={[
            { value: 'yes', title: 'Yes, both' },
            { value: 'no', title: 'No, or I am not sure' },
          ]}
          onChange={(choice) => harvest({ use: 'seed', tag, typical: choice === 'yes' })}
        />
      ) : (
        <Choice
          label="What for, and is the tag on it?"
          value={undefined}
          options={USES}
          onChange={(choice) => {
            const seedTag = USES.find(({ value }) => value === choice)?.tag;
            if (seedTag) setTag(seedTag);
            else harvest({ use: 'eat', tag: 'there', typical: true });
          }}
        />
      )}
      <Text variant="small" tone="soft">
        {`${crop.family === 'gourd' ? `${BITTER} ` : ''}Take no seed from a mottled or odd-looking mother.`}
      </Text>
    </Sheet>
  );
}

/** Another tag: what was known of the old one decides how sure it is that this is its fruit. */
function NewTagSheet({
  bloom,
  open,
  onClose,
}: Pick<HarvestSheetProps, 'open' | 'onClose'> & { readonly bloom: Bloom }) {
  const record = useRecord();
  const { journal, tags } = useGarden().store;
  const [swapping, setSwapping] = useState(false);
  const code = tags.next(1)[0] ?? '';
  const others = swapping ? mayBeSwapped(journal, bloom).slice(0, MOST_OTHERS) : [];
  const close = (): void => {
    setSwapping(false);
    onClose();
  };
  if (swapping)
    return (
      <Sheet title="Swapped with which tag?" open={open} onClose={close} closeTitle="Close">
        <Choice<string>
          label="The tag that hangs on this fruit"
          value={undefined}
          options={others.map((other) => ({
            value: other.bloom,
            title: formatTagCode(other.code),
            note: plantLabel(journal, other.plant),
          }))}
          onChange={(id) => {
            record(
              tagsSwapped(
                bloom,
                others.find((other) => other.bloom === id)!,
              ),
            );
            close();
          }}
        />
        <Text variant="small" tone="soft">
          {others.length > 0
            ? 'From now on each of the two goes by the tag that hangs on it. Nobody can be sure which fruit is which, so the seed of both is doubtful.'
            : 'No other fruit of these weeks has a tag.'}
        </Text>
      </Sheet>
    );
  return (
    <Sheet title={`New tag: ${formatTagCode(code)}`} open={open} onClose={close} closeTitle="Close">
      <Choice<Bodies['retagged']['was']>
        label="Where is the old one?"
        value={undefined}
        options={[
          { value: 'there', title: 'On it: it comes off', note: 'the fruit is the same' },
          { value: 'gone', title: 'It is gone', note: 'its seed is doubtful: it may be another fruit' },
          ...(bloom.code === ''
            ? []
            : [
                {
                  value: 'swapped' as const,
                  title: 'On another fruit, and that one’s tag is here',
                  note: 'no new tag: the two were swapped',
                },
              ]),
        ]}
        onChange={(was) => {
          if (was === 'swapped') {
            setSwapping(true);
            return;
          }
          record([...tags.ensureLetter(), { kind: 'retagged', body: { bloom: bloom.bloom, code, was } }]);
          close();
        }}
      />
    </Sheet>
  );
}

/** Of more nobody finds one. */
const MOST_OTHERS = 12;

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
  return (
    <Sheet title="Cover off" open={open} onClose={close} closeTitle="Close">
      {found ? (
        <Choice<Day>
          label="Since which day?"
          value={undefined}
          options={[
            { value: UNKNOWN, title: 'Nobody knows' },
            ...daysUncovered(bloom, today).map((day, back) => ({
              value: day,
              title: back === 0 ? 'Today' : f.day(day),
            })),
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
