import { useState } from 'react';
import { View } from 'react-native';
import { keptOn, stripped } from '@/core/fruit/takenOff';
import { formatTagCode } from '@/core/text/tagCode';
import { newId } from '@/data/clock';
import {
  PLANT_HEALTHS,
  TRUENESSES,
  type PlantHealth,
  type PlantRemovalReason,
  type Trueness,
} from '@/core/journal/kinds/plan';
import type { Plant, Variety } from '@/core/journal/state';
import { cropOf } from '@/core/crops/catalogue';
import { markerOnPlant } from '@/core/seed/marker';
import { plantLabel } from '@/core/records/plantLabel';
import { MAX_STRIPPED } from '@/core/journal/limits';
import { dayAt } from '@/core/time/calendar';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { HEALTH_NAMES, TRUENESS_NAMES } from '../words/names';
import { Explained } from './Explained';
import { FruitStepper } from './FruitStepper';

export interface PlantNotesProps {
  readonly plant: Plant;
  readonly variety: Variety | undefined;
  /** How it looks was noted. */
  readonly onNoted?: (() => void) | undefined;
}

/** A button that opens what can be noted of a plant itself: how it looks, fruit that set by itself, its end. */
export function PlantNotes({ plant, variety, onNoted }: PlantNotesProps) {
  const [open, setOpen] = useState(false);
  const { journal } = useGarden().store;
  const name = plantLabel(journal, plant.plant);
  const close = (): void => setOpen(false);
  return (
    <>
      <Button
        variant="quiet"
        title="This plant"
        label={`This plant, ${name}: health, type and fruit`}
        onPress={() => setOpen(true)}
      />
      <Sheet title={`Plant ${name}`} open={open} onClose={close} closeTitle="Close">
        <Looks plant={plant} onNoted={onNoted} />
        {variety && cropOf(variety.crop).seedFruits ? <Strip plant={plant} onDone={close} /> : null}
        <Removal plant={plant} onDone={close} />
      </Sheet>
    </>
  );
}

function Looks({ plant: { plant, noted }, onNoted }: Pick<PlantNotesProps, 'plant' | 'onNoted'>) {
  const record = useRecord();
  const { journal } = useGarden().store;
  const marker = markerOnPlant(journal, plant);
  const { health = 'sound', trueness = 'typical' } = noted ?? {};
  const note = (change: { readonly health?: PlantHealth; readonly trueness?: Trueness }): void => {
    onNoted?.();
    record([{ kind: 'plant.noted', body: { plant, health, trueness, ...change } }]);
  };
  return (
    <>
      <Choice<PlantHealth>
        label="Health"
        value={health}
        options={PLANT_HEALTHS.map((value) => ({ value, ...HEALTH_NAMES[value] }))}
        onChange={(value) => note({ health: value })}
      />
      {marker === undefined ? null : (
        <Text>{`Of a cross: it should show ${marker}. A plant without it came of its mother’s own pollen.`}</Text>
      )}
      <Choice<Trueness>
        label="True to its variety?"
        value={trueness}
        options={TRUENESSES.map((value) => ({ value, ...TRUENESS_NAMES[value] }))}
        onChange={(value) => note({ trueness: value })}
      />
    </>
  );
}

interface EndingProps {
  readonly plant: Plant;
  readonly onDone: () => void;
}

/** Fruit that set in the open is taken off, so that the plant has strength for what is pollinated by hand. */
function Strip({ plant: { plant }, onDone }: EndingProps) {
  const f = useFormat();
  const record = useRecord();
  const { store } = useGarden();
  const [count, setCount] = useState(0);
  const code = store.tags.next(1)[0] ?? '';
  const day = dayAt(store.clock.now(), store.described!.zone);
  return (
    <View>
      <Text variant="strong">Fruit that set by itself</Text>
      <Text variant="small" tone="soft">
        While it swells, few others set. Take it off before you cover flowers for seed, or tag one that is to
        ripen: it is followed, and counts as fruit of the plant.
      </Text>
      <FruitStepper label="Taken off now" value={count} most={MAX_STRIPPED} onChange={setCount} />
      {count > 0 ? (
        <Button
          variant="main"
          title={`${f.count(count, 'fruit', 'fruits')} off`}
          onPress={() => {
            record([stripped(plant, day, count)]);
            onDone();
          }}
        />
      ) : (
        <Button
          title={`Tag one that stays: ${formatTagCode(code)}`}
          onPress={() => {
            record([...store.tags.ensureLetter(), keptOn(plant, day, { bloom: newId(), code })]);
            onDone();
          }}
        />
      )}
    </View>
  );
}

function Removal({ plant: { plant }, onDone }: EndingProps) {
  const record = useRecord();
  const remove = (why: PlantRemovalReason) => (): void => {
    record([{ kind: 'plant.removed', body: { plant, why } }]);
    onDone();
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="strong">Take it off the plan</Text>
      <Explained variant="small" tone="soft" terms={['offType']}>
        An off-type is pulled out before it gives pollen. What was pollinated with it before is no longer
        called true. Undo brings it back.
      </Explained>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button variant="loss" title="Off-type, pulled out" onPress={remove('offType')} />
        <Button variant="loss" title="Died" onPress={remove('died')} />
      </View>
    </View>
  );
}
