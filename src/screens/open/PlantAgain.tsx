import { useState, type ReactNode } from 'react';
import { malesServe, pollenFor } from '@/core/due/pollenFor';
import { secondTimeFacts } from '@/core/due/openVisit';
import type { OpenPlant, SecondTime } from '@/core/due/openNow';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { PlantHeading } from '../shell/PlantHeading';
import { DoneFoot } from '../shell/WithUndo';
import { sayPlace } from '../words/places';
import { PollenChoice } from './PollenChoice';

interface PlantAgainProps {
  readonly here: OpenPlant;
  readonly again: SecondTime;
  readonly head: ReactNode;
  /** Second column on a wide screen. */
  readonly aside?: ReactNode;
  readonly onDone: () => void;
  /** To what was counted the first time. */
  readonly onCorrect: () => void;
}

/** One plant whose females were pollinated an hour ago: once more, with whose pollen. */
export function PlantAgain({ here, again, head, aside, onDone, onCorrect }: PlantAgainProps) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [{ fathers, elsewhere }, setSource] = useState({
    fathers: again.fathers,
    elsewhere: again.fathers.length === 0,
  });
  const { plant, variety } = here;
  const females = f.count(again.females, 'female', 'females');
  return (
    <Page
      title={`${sayPlace(journal, plant)}, ${variety.name}`}
      heading={false}
      over={head}
      aside={aside}
      foot={
        <DoneFoot
          work="open"
          title="Done once more"
          onPress={() => {
            record(secondTimeFacts(here, fathers, again.method));
            onDone();
          }}
        />
      }
    >
      <PlantHeading plant={plant} variety={variety} />
      <Text variant="strong" style={{ marginTop: SPACE.m }}>{`${females}, a second time`}</Text>
      <Text style={{ marginBottom: SPACE.l }}>
        {`Pollinated at ${f.time(again.first)}. Pollen once more, about an hour later, makes it likelier that they set. Whatever has shut meanwhile is left.`}
      </Text>
      <PollenChoice
        pollen={pollenFor(journal, here, here.open?.male ?? 0)}
        own={plant.plant}
        fathers={fathers}
        elsewhere={elsewhere}
        females={again.females}
        serves={malesServe(here)}
        onChange={setSource}
      />
      <Button
        variant="plain"
        title="Correct the first count"
        onPress={onCorrect}
        style={{ marginTop: SPACE.m, alignSelf: 'flex-start' }}
      />
    </Page>
  );
}
