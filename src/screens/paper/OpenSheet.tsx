import { useRouter } from 'expo-router';
import { openNowOf, type OpenPlant } from '@/core/due/openNow';
import { withTrials } from '@/core/due/withTrials';
import type { Journal } from '@/core/journal/journal';
import type { PaperList } from '@/core/paper/listSheet';
import { plantLabel } from '@/core/records/plantLabel';
import { groupBy } from '@/core/text/groupBy';
import { useStore } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayBed } from '../words/places';
import { PaperChoice } from './PaperChoice';
import { Printed } from './Printed';
import { sayPage } from './paperWords';
import { usePaper } from './usePaper';

/** Plants that are looked at while their flowers are open, for somebody without a phone. */
export function OpenSheet() {
  const f = useFormat();
  const router = useRouter();
  const now = useNow();
  const { journal } = useStore();
  const { paper } = usePaper();
  const plants = useView('open-to-print', [Math.floor(now / 60_000)], ({ store, garden }) =>
    // A trial asks more than paper holds: its plants are looked at with the phone.
    withTrials(store.journal, garden, openNowOf(store.journal, garden, now, { anyHour: true })).filter(
      ({ tried }) => !tried,
    ),
  );
  return (
    <Printed
      title="Open now, on paper"
      file="open-now"
      what={
        plants && plants.length > 0
          ? { sheets: 'list', list: openList(journal, plants, f), paper }
          : undefined
      }
      nothing="Nothing is grown here to eat that is pollinated at open flowers."
    >
      <PaperChoice />
      <Button title="Enter it from paper" onPress={() => router.push('/open?paper=1')} />
    </Printed>
  );
}

function openList(journal: Journal, plants: readonly OpenPlant[], f: Format): PaperList {
  const numbered = plants.map((each, i) => ({ ...each, number: i + 1 }));
  return {
    title: 'Open now',
    about: [
      'Day ____________   Hour ________',
      'Count what is open at each plant, and write down how many females got pollen.',
    ],
    groups: Array.from(
      groupBy(numbered, ({ plant }) => plant.bed),
      ([bed, own]) => ({
        head: sayBed(journal.all('bed').get(bed)?.name ?? '?'),
        lines: own.map(({ plant, variety, number, window }) => ({
          number: String(number),
          text: `${plantLabel(journal, plant.plant)}, ${variety.name}`,
          note: window ? `Open from about ${f.time(window.opens[0])} to ${f.time(window.lastSafe)}.` : '',
        })),
      }),
    ),
    boxes: ['Females', 'Males', 'Got pollen'],
    key: [
      'Females have a small fruit below the flower, males a plain stalk. A plant without an open flower: write 0.',
    ],
    pageOf: sayPage,
  };
}
