import { useState } from 'react';
import { View } from 'react-native';
import { standsAgainst, type GerminationTest } from '@/core/seed/germination';
import { seedFactsOf } from '@/core/seed/seedFacts';
import type { CropId } from '@/core/crops/catalogue';
import { newId } from '@/data/clock';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import type { LotView } from './useLot';

/** How many germinate: tests that were made, the one that is going on, and a new one. */
export function Germination({ view: { lot, tests, job, today } }: { readonly view: LotView }) {
  const f = useFormat();
  const { crop, amount } = lot;
  if (!crop) return null;
  const [latest] = tests;
  const going = latest && !latest.ended ? latest : undefined;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Germination
      </Text>
      {tests.length === 0 ? <Text tone="soft">Not tested yet.</Text> : null}
      {tests.map((test) => (
        <ListRow key={test.test} title={sayResult(test, f)} note={sayTest(test, crop, f)} />
      ))}
      {job?.job === 'test' && job.from <= today ? (
        <Text>{`The last test is of ${f.date(latest!.day)}, and seed ages: test it again before you rely on it.`}</Text>
      ) : null}
      {going ? <CountTest lot={lot.lot} test={going} today={today} /> : null}
      {going || amount.gone ? null : <BeginTest lot={lot.lot} crop={crop} today={today} />}
    </View>
  );
}

function sayResult({ share, ended, seeds, counts }: GerminationTest, f: Format): string {
  const up = f.number(counts.at(-1)?.up ?? 0);
  const so = `${up} of ${f.count(seeds, 'seed', 'seeds')}`;
  return ended ? `${f.percent(share.share ?? 0)} germinated: ${so}` : `${so} so far`;
}

function sayTest({ day, first, last, ended, share }: GerminationTest, crop: CropId, f: Format): string {
  if (!ended)
    return `Laid out on ${f.date(day)}. Count on ${f.shortDay(first)} and, for the last time, on ${f.shortDay(last)}.`;
  const least = seedFactsOf(crop).minimum?.value;
  const range = `Laid out on ${f.date(day)}. So few seeds say: between ${f.percent(share.low)} and ${f.percent(share.high)}.`;
  if (least === undefined) return range;
  const mark = `the ${f.percent(least)} that seed of it must reach where it is sold in the United States`;
  switch (standsAgainst(share, least)) {
    case 'above':
      return `${range} More than ${mark}.`;
    case 'below':
      return `${range} Less than ${mark}.`;
    case 'maybe':
      return `${range} Whether it reaches ${mark}, more seeds would tell.`;
  }
}

interface OfLot {
  readonly lot: string;
  readonly today: string;
}

function BeginTest({ lot, crop, today: day }: OfLot & { readonly crop: CropId }) {
  const f = useFormat();
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const { control, handleSubmit } = useCheckedForm<{ seeds: string }, { seeds: number }>('germinationBegun', {
    seeds: '20',
  });
  const [first, last] = seedFactsOf(crop).counts.value;
  const save = handleSubmit(({ seeds }) => {
    record([{ kind: 'germination.begun', body: { lot, test: newId(), day, seeds } }]);
    setOpen(false);
  });
  return (
    <>
      <Button title="Begin a test" onPress={() => setOpen(true)} style={{ alignSelf: 'flex-start' }} />
      <Sheet title="Begin a germination test" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        <Text>
          {`Lay the seeds on damp paper, warm, and keep it damp. Count those with a sound root and shoot after ${f.number(first)} days, and for the last time after ${f.number(last)}.`}
        </Text>
        <FormField
          control={control}
          name="seeds"
          label="How many seeds?"
          note="Ten say little; with a hundred it is sure to a tenth."
          numeric
        />
        <Button variant="main" size="big" title="Begin today" onPress={() => void save()} />
      </Sheet>
    </>
  );
}

function CountTest({ lot, test, today: day }: OfLot & { readonly test: GerminationTest }) {
  const f = useFormat();
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const { control, handleSubmit, setError } = useCheckedForm<{ up: string }, { up: number }>(
    'germinationCounted',
    { up: '' },
  );
  const save = (ended: boolean): void =>
    void handleSubmit(({ up }) => {
      if (up > test.seeds) {
        setError('up', { message: `At most ${f.number(test.seeds)}: so many were laid out.` });
        return;
      }
      record([
        {
          kind: 'germination.counted',
          body: { lot, test: test.test, day, up, ...(ended && { ended: true as const }) },
        },
      ]);
      setOpen(false);
    })();
  const isLast = day >= test.last;
  return (
    <>
      <Button
        variant={day >= test.first ? 'main' : 'plain'}
        title="Count"
        label="Count what germinated"
        onPress={() => setOpen(true)}
        style={{ alignSelf: 'flex-start' }}
      />
      <Sheet title="How many have germinated?" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        <FormField
          control={control}
          name="up"
          label={`In all, of ${f.number(test.seeds)}`}
          note="With those that you counted before."
          numeric
        />
        <Button
          variant="main"
          size="big"
          title={isLast ? 'Save: the last count' : 'Save'}
          onPress={() => save(isLast)}
        />
        {isLast ? null : <Button title="Save, and end the test" onPress={() => save(true)} />}
      </Sheet>
    </>
  );
}
