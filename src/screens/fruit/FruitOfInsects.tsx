import { useState } from 'react';
import { fruitCounted } from '@/core/fruit/fruitCounted';
import { MAX_COUNTED } from '@/core/journal/limits';
import type { Plant, Variety } from '@/core/journal/state';
import type { Day } from '@/core/time/types';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';

interface FruitOfInsectsProps {
  readonly plant: Plant;
  readonly variety: Variety;
  readonly today: Day;
}

const NOTHING = { growing: 0, failing: 0 };

/** Young fruit of flowers that nobody pollinated: what insects alone set, that work by hand is compared with. */
export function FruitOfInsects({ plant, variety, today }: FruitOfInsectsProps) {
  const f = useFormat();
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const [{ growing, failing }, setSeen] = useState(NOTHING);
  const of = growing + failing;
  const save = (): void => {
    record([fruitCounted(plant, variety, { day: today, growing, of })]);
    setSeen(NOTHING);
    setOpen(false);
  };
  return (
    <>
      <Button
        variant="quiet"
        title="Fruit nobody pollinated"
        onPress={() => setOpen(true)}
        style={{ alignSelf: 'flex-start', paddingLeft: 0 }}
      />
      <Sheet title="Fruit nobody pollinated" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        <Stepper
          label="Growing"
          value={growing}
          most={MAX_COUNTED}
          onChange={(value) => setSeen({ growing: value, failing })}
          lessLabel="One less is growing"
          moreLabel="One more is growing"
        />
        <Stepper
          label="Failing, yellow or dropped"
          value={failing}
          most={MAX_COUNTED}
          onChange={(value) => setSeen({ growing, failing: value })}
          lessLabel="One less is failing"
          moreLabel="One more is failing"
        />
        <Button
          variant="main"
          size="big"
          disabled={of === 0}
          title={of === 0 ? 'Count first' : `${f.number(growing)} of ${f.number(of)} growing`}
          onPress={save}
        />
        <Text variant="small" tone="soft">
          Count those that fail too: set by insects is shown next to yours with set and drop. What grows takes
          its share of the plant.
        </Text>
      </Sheet>
    </>
  );
}
