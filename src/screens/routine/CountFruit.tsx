import { useState } from 'react';
import { cropOf } from '@/core/crops/catalogue';
import { fruitCounted } from '@/core/fruit/fruitCounted';
import { isStand } from '@/core/journal/plantCondition';
import { MAX_COUNTED } from '@/core/journal/limits';
import type { PlantedRow } from '@/core/outing/plantedRows';
import { plantLabel } from '@/core/records/plantLabel';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';

interface CountFruitProps {
  readonly row: PlantedRow;
  /** Of the row, as it is named. */
  readonly where: string;
  readonly today: Day;
}

/** Trusses on one plant. */
const MAX_TRUSSES = 40;
const NOTHING = { truss: 1, of: 0, growing: 0, misshapen: 0 };

/** How many of the flowers of a truss, or of a stand, bear fruit: nobody need have noted who pollinated them. */
export function CountFruit({ row: { plants, variety }, where, today }: CountFruitProps) {
  const f = useFormat();
  const record = useRecord();
  const { journal } = useStore();
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const [seen, setSeen] = useState(NOTHING);
  const inRow = [...plants].sort((a, b) => a.place - b.place);
  const plant = inRow[Math.min(at, inRow.length - 1)]!;
  const ofMany = isStand(plant);
  const { truss, of, growing } = seen;
  const misshapen = Math.min(seen.misshapen, growing);
  const isBerry = cropOf(variety.crop).flower?.type === 'dome';
  const save = (): void => {
    record([
      fruitCounted(plant, variety, {
        day: today,
        growing,
        of,
        ...(!ofMany && { truss }),
        ...(isBerry && { misshapen }),
      }),
    ]);
    setSeen({ ...NOTHING, truss: truss + 1 });
    setOpen(false);
  };
  return (
    <>
      <Button
        variant="quiet"
        title="Count fruit"
        label={`Count fruit: ${where}`}
        onPress={() => setOpen(true)}
        style={{ alignSelf: 'flex-start', paddingLeft: 0 }}
      />
      <Sheet title={`Fruit, ${where}`} open={open} onClose={() => setOpen(false)} closeTitle="Close">
        {plants.length > 1 ? (
          <Stepper
            label={`Plant: ${plantLabel(journal, plant.plant)}`}
            value={plant.place}
            least={inRow[0]!.place}
            most={inRow.at(-1)!.place}
            onChange={(place) => {
              setAt(at + Math.sign(place - plant.place));
              setSeen(NOTHING);
            }}
            lessLabel="The plant before"
            moreLabel="The next plant"
          />
        ) : null}
        {ofMany ? null : (
          <Stepper
            label="Truss, from below"
            value={truss}
            least={1}
            most={MAX_TRUSSES}
            onChange={(value) => setSeen({ ...seen, truss: value })}
            lessLabel="The truss below"
            moreLabel="The truss above"
          />
        )}
        <Stepper
          label={ofMany ? 'Flowers or ears looked at' : 'Flowers it had'}
          value={of}
          most={MAX_COUNTED}
          onChange={(value) => setSeen({ ...seen, of: value, growing: Math.min(growing, value) })}
          lessLabel="One flower less"
          moreLabel="One flower more"
        />
        <Stepper
          label="Fruits that grow"
          value={growing}
          most={of}
          onChange={(value) => setSeen({ ...seen, growing: value })}
          lessLabel="One fruit less"
          moreLabel="One fruit more"
        />
        {isBerry ? (
          <Stepper
            label="Of these misshapen"
            value={misshapen}
            most={growing}
            onChange={(value) => setSeen({ ...seen, misshapen: value })}
            lessLabel="One misshapen less"
            moreLabel="One misshapen more"
          />
        ) : null}
        <Button
          variant="main"
          size="big"
          disabled={of === 0}
          title={of === 0 ? 'Count the flowers first' : `${f.number(growing)} of ${f.number(of)} set`}
          onPress={save}
        />
        <Text variant="small" tone="soft">
          It is followed with the other fruit. How many set is shown with set and drop, apart from what you
          pollinated flower by flower.
        </Text>
      </Sheet>
    </>
  );
}
