import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { WithUndo } from '../shell/WithUndo';
import { sayJob } from '../words/seed';
import type { LotView } from './useLot';

/** What is done to it next, and how much there is. */
export function LotStep({ view: { lot, job, today } }: { readonly view: LotView }) {
  const f = useFormat();
  const words = job && sayJob(job, today, f);
  return (
    <View style={{ gap: SPACE.s }}>
      {job && words && job.job !== 'test' && job.job !== 'count' ? (
        <View>
          <Text variant="heading" level={2}>
            Next
          </Text>
          <Text>{words.note}</Text>
        </View>
      ) : null}
      <View style={{ alignItems: 'flex-start' }}>
        <Measure lot={lot.lot} main={job?.job === 'measure'} today={today} />
      </View>
    </View>
  );
}

const STEP_DONE = { rinse: ['rinsed', 'Rinsed'], dry: ['dried', 'It is dry'] } as const;

/** A tap says that the next step is done; Undo beside it. */
export function StepFoot({ view: { lot, job, today: day } }: { readonly view: LotView }) {
  const router = useRouter();
  const record = useRecord();
  const done = job?.job === 'rinse' || job?.job === 'dry' ? STEP_DONE[job.job] : undefined;
  return (
    <WithUndo work="seed" size="big">
      {done ? (
        <Button
          variant="main"
          size="big"
          title={done[1]}
          onPress={() => record([{ kind: 'seed.prepared', body: { lot: lot.lot, step: done[0], day } }])}
          style={{ flex: 1 }}
        />
      ) : (
        <Button title="All seed" size="big" onPress={() => router.push('/seed')} style={{ flex: 1 }} />
      )}
    </WithUndo>
  );
}

interface MeasureProps {
  readonly lot: string;
  readonly main: boolean;
  readonly today: string;
}

interface Typed {
  seeds: string;
  weight: string;
  thousand: string;
}
interface Checked {
  seeds?: number;
  weight?: number;
  thousand?: number;
}

const NONE: Typed = { seeds: '', weight: '', thousand: '' };

/** How many seeds there are, counted or by weight. */
function Measure({ lot, main, today: day }: MeasureProps) {
  const f = useFormat();
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const { control, handleSubmit, reset } = useCheckedForm<Typed, Checked>('lotMeasured', NONE);
  const save = handleSubmit(({ seeds, weight: grams, thousand: thousandGrams }) => {
    record([
      {
        kind: 'lot.measured',
        body: {
          ...{ lot, day },
          ...(seeds !== undefined && { seeds }),
          ...(grams !== undefined && { grams }),
          ...(thousandGrams !== undefined && { thousandGrams }),
        },
      },
    ]);
    reset(NONE);
    setOpen(false);
  });
  return (
    <>
      <Button variant={main ? 'main' : 'plain'} title="Count or weigh" onPress={() => setOpen(true)} />
      <Sheet title="How much is there?" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        <FormField control={control} name="seeds" label="Seeds" numeric />
        <FormField control={control} name="weight" label={`Weight, ${f.unit.weight}`} numeric />
        <FormField
          control={control}
          name="thousand"
          label={`What a thousand weigh, ${f.unit.weight}`}
          note="Weigh a hundred, times ten. With it a weight tells how many seeds there are."
          numeric
        />
        <Button variant="main" size="big" title="Save" onPress={() => void save()} />
      </Sheet>
    </>
  );
}
