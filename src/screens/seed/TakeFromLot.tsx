import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { LOT_USES, type LotUse } from '@/core/journal/kinds/seed';
import { LONGEST } from '@/core/journal/limits';
import type { Journal } from '@/core/journal/journal';
import { lotName } from '@/core/seed/lotName';
import { seedLots } from '@/core/seed/seedLot';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { USE_NAMES } from '../words/seed';
import { LotRecordButtons } from './LotRecordButtons';
import type { LotView } from './useLot';

/** Where its seed went, and what is taken of it now. */
export function TakeFromLot({ view }: { readonly view: LotView }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const [open, setOpen] = useState<'use' | 'split' | 'mix'>();
  const { lot } = view;
  const close = (): void => setOpen(undefined);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Taken from it
      </Text>
      {outOf(journal, lot.lot).map(({ key, title, day, into }) => (
        <ListRow
          key={key}
          title={title(f)}
          note={f.date(day)}
          {...(into !== undefined && {
            onPress: () => router.push({ pathname: '/seed/[id]', params: { id: into } }),
          })}
        />
      ))}
      {lot.amount.gone ? (
        <Text tone="soft">Nothing is left of it.</Text>
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
          <Button title="Take some" onPress={() => setOpen('use')} />
          <Button title="Split off" onPress={() => setOpen('split')} />
          <Button title="Mix" onPress={() => setOpen('mix')} />
          <Button
            title="Print packets"
            onPress={() =>
              router.push({ pathname: '/more/print', params: { print: 'packets', id: lot.lot } })
            }
          />
        </View>
      )}
      <LotRecordButtons lot={lot} />
      {open === 'use' ? <UseSheet view={view} onClose={close} /> : null}
      {open === 'split' ? <SplitSheet view={view} onClose={close} /> : null}
      {open === 'mix' ? <MixSheet view={view} onClose={close} /> : null}
    </View>
  );
}

interface Out {
  readonly key: string;
  readonly day: Day;
  readonly title: (f: Format) => string;
  /** The lot it went into. */
  readonly into?: string;
}

/** All that was taken of a lot, the latest first. */
function outOf(journal: Journal, id: string): Out[] {
  const lot = journal.all('lot').get(id);
  if (!lot) return [];
  const some = ({ seeds, all }: { seeds?: number; all?: true }, f: Format): string =>
    seeds === undefined ? (all ? 'all that was left' : 'some') : f.count(seeds, 'seed', 'seeds');
  const used = lot['lot.used'].map(({ id: key, body }): Out => ({
    key,
    day: body.day,
    title: (f) => `${USE_NAMES[body.how]}: ${some(body, f)}${body.to === undefined ? '' : `, ${body.to}`}`,
  }));
  const poured = lot['lot.filled'].flatMap(({ id: key, body }) =>
    body.from.flatMap((from): Out[] => {
      if (from.lot !== id) return [];
      const held = journal.all('lot').get(body.lot);
      const name = (held && lotName(held)) ?? body.name;
      return [{ key, day: body.day, into: body.lot, title: (f) => `Into ${name}: ${some(from, f)}` }];
    }),
  );
  return [...used, ...poured].sort((a, b) =>
    a.day < b.day ? 1 : a.day > b.day ? -1 : a.key < b.key ? 1 : -1,
  );
}

interface SheetProps {
  readonly view: LotView;
  readonly onClose: () => void;
}

/** What is typed is not more than there is, as far as that is known; nothing typed is all of it. */
const tooMany = (seeds: number | undefined, { lot: { amount } }: LotView): boolean =>
  seeds !== undefined && amount.seeds !== undefined && seeds > amount.seeds;

/** So many of it; without a number all that is left, which is told as a number where that is known. */
const takenOf = (seeds: number | undefined, { lot: { amount } }: LotView) =>
  seeds === undefined
    ? { all: true as const, ...(amount.seeds !== undefined && { seeds: amount.seeds }) }
    : { seeds };

const MOST = 'There are not so many. Count again first, if there are.';

function UseSheet({ view, onClose }: SheetProps) {
  const record = useRecord();
  const { control, handleSubmit, setError } = useCheckedForm<
    { how: LotUse | ''; seeds: string; to: string },
    { how: LotUse; seeds?: number; to?: string }
  >('lotUsed', { how: '', seeds: '', to: '' });
  const save = handleSubmit(({ how, seeds, to }) => {
    if (tooMany(seeds, view)) {
      setError('seeds', { message: MOST });
      return;
    }
    record([
      {
        kind: 'lot.used',
        body: {
          ...{ lot: view.lot.lot, day: view.today, how },
          ...takenOf(seeds, view),
          ...(to !== undefined && { to }),
        },
      },
    ]);
    onClose();
  });
  return (
    <Sheet title="Take some" open onClose={onClose} closeTitle="Close">
      <FormChoice
        control={control}
        name="how"
        label="What for?"
        options={LOT_USES.map((value) => ({ value, title: USE_NAMES[value] }))}
      />
      <FormField control={control} name="seeds" label="Seeds" note="Empty: all that is left." numeric />
      <FormField control={control} name="to" label="To whom, or where" />
      <Button variant="main" size="big" title="Save" onPress={() => void save()} />
    </Sheet>
  );
}

function SplitSheet({ view, onClose }: SheetProps) {
  const router = useRouter();
  const record = useRecord();
  const { lot, today: day } = view;
  const { control, handleSubmit, setError } = useCheckedForm<
    { name: string; seeds: string },
    { name: string; seeds?: number }
  >('lotSplit', { name: `${lot.name.slice(0, LONGEST.name - 3)}, b`, seeds: '' });
  const save = handleSubmit(({ name, seeds }) => {
    if (tooMany(seeds, view)) {
      setError('seeds', { message: MOST });
      return;
    }
    const id = newId();
    record(
      [
        {
          kind: 'lot.filled',
          body: { lot: id, name, day, from: [{ lot: lot.lot, ...takenOf(seeds, view) }] },
        },
      ],
      eitherWay(() => router.replace({ pathname: '/seed/[id]', params: { id } })),
    );
    onClose();
  });
  return (
    <Sheet title="Split off" open onClose={onClose} closeTitle="Close">
      <Text tone="soft">A part of it becomes a lot of its own: for a friend, or for another place.</Text>
      <FormField control={control} name="name" label="Name, as on its packet" />
      <FormField control={control} name="seeds" label="Seeds" note="Empty: all that is left." numeric />
      <Button variant="main" size="big" title="Save" onPress={() => void save()} />
    </Sheet>
  );
}

function MixSheet({ view, onClose }: SheetProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { journal } = useStore();
  const { lot, today: day } = view;
  const others = seedLots(journal).filter(
    (other) => other.lot !== lot.lot && !other.amount.gone && other.crop === lot.crop,
  );
  const { control, handleSubmit, watch } = useCheckedForm<
    { name: string; other: string },
    { name: string; other: string }
  >('lotMixed', { name: `${lot.name.slice(0, LONGEST.name - 7)}, mixed`, other: '' });
  const chosen = others.find((other) => other.lot === watch('other'));
  const save = handleSubmit(({ name, other }) => {
    const id = newId();
    const allOf = (each: (typeof others)[number]) => ({
      ...{ lot: each.lot, all: true as const },
      ...(each.amount.seeds !== undefined && { seeds: each.amount.seeds }),
    });
    record(
      [
        {
          kind: 'lot.filled',
          body: { lot: id, name, day, from: [allOf(lot), allOf(others.find((each) => each.lot === other)!)] },
        },
      ],
      eitherWay(() => router.replace({ pathname: '/seed/[id]', params: { id } })),
    );
    onClose();
  });
  if (others.length === 0)
    return (
      <Sheet title="Mix" open onClose={onClose} closeTitle="Close">
        <Text>There is no other lot of this crop with seed left.</Text>
      </Sheet>
    );
  const isOther = chosen && !chosen.varieties.every((variety) => lot.varieties.includes(variety));
  return (
    <Sheet title="Mix" open onClose={onClose} closeTitle="Close">
      <Text tone="soft">
        All of both goes into one lot. It has the mothers and fathers of both, is as pure as the weaker of
        them, and cannot be sorted again.
      </Text>
      <FormChoice
        control={control}
        name="other"
        label="With which?"
        options={others.map((other) => ({ value: other.lot, title: other.name, note: f.date(other.since) }))}
      />
      {isOther ? (
        <Text tone="rust">
          It is of another variety: the mixture is of neither. Only for a mixture that is meant.
        </Text>
      ) : null}
      <FormField control={control} name="name" label="Name, as on its packet" />
      <Button variant="main" size="big" title="Mix them" onPress={() => void save()} />
    </Sheet>
  );
}
