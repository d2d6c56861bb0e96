import { useLocalSearchParams, useRouter } from 'expo-router';
import type { PaperList } from '@/core/paper/listSheet';
import type { ToldLot } from '@/core/journal/kinds/seed';
import { seedLots } from '@/core/seed/seedLot';
import { toldLotsInSteps } from '@/core/seed/toldLots';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { sayTold } from '../words/seed';
import { PaperChoice } from './PaperChoice';
import { Printed } from './Printed';
import { sayPage } from './paperWords';
import { usePaper } from './usePaper';

/** What is told of a lot of seed to who gets some of it, on paper. */
export function LotSheet() {
  const f = useFormat();
  const router = useRouter();
  const { paper } = usePaper();
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const view = useViewInSteps(recordView, id);
  const [first, ...before] = view?.told ?? [];
  return (
    <Printed
      ofAllYears
      title="Record of a lot"
      file="seed-record"
      what={first && { sheets: 'list', list: recordList(first, before, f), paper }}
      nothing={view ? 'There is no seed yet.' : 'How pure it is, is being worked out.'}
    >
      {view?.chosen ? (
        <ChooseOne
          name="Seed"
          sheet="Which seed"
          value={view.chosen.lot}
          options={view.lots.map(({ lot, name }) => ({ value: lot, title: name }))}
          onChange={(lot) => router.setParams({ id: lot })}
        />
      ) : null}
      <PaperChoice />
    </Printed>
  );
}

interface RecordView {
  readonly lots: readonly { readonly lot: string; readonly name: string }[];
  readonly chosen: { readonly lot: string } | undefined;
  readonly told: readonly ToldLot[];
}

/** The lot that is wanted, else the latest. */
function* recordView({ store: { journal }, garden, now }: ViewOf, id: string): InSteps<RecordView> {
  const lots = seedLots(journal).map(({ lot, name }) => ({ lot, name }));
  const chosen = lots.find(({ lot }) => lot === id) ?? lots[0];
  const told = chosen ? yield* toldLotsInSteps(journal, garden, chosen.lot, dayAt(now, garden.zone)) : [];
  return { lots, chosen, told };
}

const recordList = (lot: ToldLot, before: readonly ToldLot[], f: Format): PaperList => ({
  title: lot.name,
  about: [`${lot.species}. ${lot.garden}.`, 'By the records of that garden.'],
  groups: [
    { head: 'This seed', lines: [lineOf(lot, f)] },
    ...(before.length > 0
      ? [{ head: 'What it goes back to', lines: before.map((each) => lineOf(each, f)) }]
      : []),
  ],
  boxes: [],
  key: [],
  pageOf: sayPage,
});

function lineOf(told: ToldLot, f: Format): PaperList['groups'][number]['lines'][number] {
  const { title, note } = sayTold(told, f);
  return { text: title, note };
}
