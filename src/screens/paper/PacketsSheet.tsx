import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { judgeLotInSteps } from '@/core/seed/judgedLot';
import { seedLots } from '@/core/seed/seedLot';
import type { InSteps } from '@/core/time/inSteps';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';
import { Choice } from '@/ui/parts/Choice';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';
import { optionsOf } from '../words/options';
import { LabelChoice } from './LabelChoice';
import { packetLabel, packetOf, packetView, type PacketView } from './packetWords';
import { PaperChoice } from './PaperChoice';
import { Printed } from './Printed';
import { usePaper } from './usePaper';

const KINDS = { fold: 'To fold from paper', labels: 'Labels to stick on' } as const;
type Kind = keyof typeof KINDS;

const MOST_COPIES = 100;

/** Packets of seed, of one lot or of all that there is seed of. */
export function PacketsSheet() {
  const f = useFormat();
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const { paper, form } = usePaper();
  const [kind, setKind] = useState<Kind>('fold');
  const [copies, setCopies] = useState(1);
  const [skipped, setSkipped] = useState(0);
  const lots = useViewInSteps(packetViews, id);
  const all = (lots ?? []).flatMap((lot) => Array.from({ length: copies }, () => lot));
  return (
    <Printed
      ofAllYears
      title="Seed packets"
      file="seed-packets"
      what={
        all.length === 0
          ? undefined
          : kind === 'fold'
            ? { sheets: 'packets', packets: all.map((lot) => packetOf(lot, f)), paper }
            : { sheets: 'labels', labels: all.map((lot) => packetLabel(lot, f)), form, skipped }
      }
      nothing={lots ? 'There is no seed to pack.' : 'How pure each lot is, is being worked out.'}
    >
      <Text tone="soft">
        {id === ''
          ? 'Of each lot that there is seed of. Of one alone they are printed from its own page.'
          : (lots?.[0]?.lot.name ?? '')}
      </Text>
      <Choice label="What" row value={kind} options={optionsOf(KINDS)} onChange={setKind} />
      <Stepper
        label={id === '' ? 'Packets of each lot' : 'Packets'}
        value={copies}
        onChange={setCopies}
        least={1}
        most={MOST_COPIES}
        lessLabel="One packet less"
        moreLabel="One packet more"
      />
      {kind === 'fold' ? <PaperChoice /> : <LabelChoice skipped={skipped} onSkip={setSkipped} />}
    </Printed>
  );
}

/** Lots that there is seed of, or the one that is wanted, judged. */
function* packetViews({ store: { journal }, garden }: ViewOf, id: string): InSteps<PacketView[]> {
  const views: PacketView[] = [];
  for (const lot of seedLots(journal)) {
    if (id === '' ? lot.amount.gone : lot.lot !== id) continue;
    const judged = yield* judgeLotInSteps(journal, garden, lot.contents);
    views.push(packetView(journal, garden.name, lot, judged));
  }
  return views;
}
