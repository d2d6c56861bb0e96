import { useState } from 'react';
import { View } from 'react-native';
import { blossomMoney } from '@/core/blossoms/blossomMoney';
import { blossomSeason, type BlossomSeason } from '@/core/blossoms/blossomSeason';
import { surplusBlossoms, type VarietyBlossoms } from '@/core/blossoms/surplus';
import { cropOf } from '@/core/crops/catalogue';
import type { Journal } from '@/core/journal/journal';
import type { BlossomPrice, BlossomUse } from '@/core/journal/kinds/blossom';
import type { Garden } from '@/core/journal/state';
import { windowsOf } from '@/core/opening/windowsOf';
import { seasonAt } from '@/core/season/seasons';
import { addDays, dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { SaveNumbers } from '../shell/SaveNumbers';
import { WithUndo } from '../shell/WithUndo';
import { BLOSSOM_CARE, sayBlossomSeason, sayMoney, sayPrice, saySold } from '../words/blossoms';
import { BlossomPriceForm } from './BlossomPriceForm';
import { VarietyPicks, type Picked } from './VarietyPicks';

type When = 'today' | 'tomorrow';

interface BlossomsView {
  readonly today: Day;
  /** The morning that is on, or comes next. */
  readonly next: When;
  readonly of: Readonly<Record<When, readonly VarietyBlossoms[]>>;
  readonly price: BlossomPrice | undefined;
  readonly season: BlossomSeason;
}

const useBlossoms = (): BlossomsView | undefined =>
  useView('blossoms', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    return {
      today,
      next: isOver(journal, garden, now) ? 'tomorrow' : 'today',
      of: {
        today: surplusBlossoms(journal, today),
        tomorrow: surplusBlossoms(journal, addDays(today, 1)),
      },
      price: journal.all('blossomPrice').get(''),
      season: blossomSeason(journal, seasonAt(journal, today)),
    };
  });

/** Have all blossoms of the day shut? */
function isOver(journal: Journal, garden: Garden, now: number): boolean {
  const crops = [...journal.all('variety').values()].flatMap(({ crop }) =>
    cropOf(crop).blossomsEaten ? [crop] : [],
  );
  const windows = [...windowsOf(journal, garden, dayAt(now, garden.zone), crops).values()];
  return windows.length > 0 && windows.every(({ shuts }) => shuts[1] < now);
}

/** Male flowers that no pollination wants: which to pick at dawn, what they come to, and what was picked. */
export function BlossomsScreen() {
  const view = useBlossoms();
  const [chosen, setWhen] = useState<When>();
  if (!view) return null;
  const when = chosen ?? view.next;
  const day = when === 'today' ? view.today : addDays(view.today, 1);
  return (
    <Page
      title="Blossoms to eat or sell"
      aside={
        <>
          <Picks season={view.season} />
          <Care />
        </>
      }
    >
      <Text tone="soft">
        Male flowers that nobody has marked and no pollination wants, of plants somebody looked at. Those that
        stay for pollen stay on as many plants as can be.
      </Text>
      <View style={{ marginVertical: SPACE.m }}>
        <Choice<When>
          label="Which morning?"
          row
          value={when}
          options={[
            { value: 'today', title: 'This morning' },
            { value: 'tomorrow', title: 'Tomorrow' },
          ]}
          onChange={setWhen}
        />
      </View>
      <PickList key={day} view={view} day={day} of={view.of[when]} />
    </Page>
  );
}

interface PickListProps {
  readonly view: BlossomsView;
  readonly day: Day;
  readonly of: readonly VarietyBlossoms[];
}

/** By plant how many, put right where it was otherwise, and recorded at once. */
function PickList({ view: { price, today }, day, of }: PickListProps) {
  const f = useFormat();
  const record = useRecord();
  const [picked, setPicked] = useState<Picked>(new Map());
  const [use, setUse] = useState<BlossomUse>('eat');
  const [unsprayed, setUnsprayed] = useState(false);
  const [pricing, setPricing] = useState(false);
  const plants = of.flatMap((each) => each.plants);
  const counts = plants
    .map(({ plant: { plant }, pick }) => ({ plant, count: Math.min(picked.get(plant) ?? pick, pick) }))
    .filter(({ count }) => count > 0);
  const sum = counts.reduce((all, { count }) => all + count, 0);
  const save = (): void =>
    record(
      [
        {
          kind: 'blossoms.picked',
          body: {
            ...{ pick: newId(), day, use, of: counts, unsprayed: true },
            ...(use === 'sell' && price && { price }),
          },
        },
      ],
      eitherWay(() => setPicked(new Map())),
    );
  return (
    <View style={{ gap: SPACE.m }}>
      {of.length === 0 ? (
        <Text>No squash or pumpkin grows here: of other crops blossoms are not picked.</Text>
      ) : null}
      {of.map((each) => (
        <VarietyPicks
          key={each.variety.variety}
          view={each}
          picked={picked}
          onChange={(plant, count) => setPicked(new Map(picked).set(plant, count))}
        />
      ))}
      {sum > 0 && day <= today ? (
        <>
          <Choice<BlossomUse>
            label="What for?"
            row
            value={use}
            options={[
              { value: 'eat', title: 'To eat' },
              { value: 'sell', title: 'To sell' },
            ]}
            onChange={setUse}
          />
          {use === 'sell' ? (
            <View>
              <Text live>{saySold(blossomMoney(sum, price), { currency: '', ...price }, f)}</Text>
              <ListRow title="Your price" note={sayPrice(price, f)} onPress={() => setPricing(true)} />
            </View>
          ) : null}
          <TickButton
            title="Nothing was sprayed on them that keeps them from being eaten"
            on={unsprayed}
            onPress={() => setUnsprayed(!unsprayed)}
          />
          <Button
            variant="main"
            size="big"
            title={`${f.count(sum, 'blossom', 'blossoms')} picked`}
            disabled={!unsprayed}
            onPress={save}
          />
        </>
      ) : null}
      <WithUndo work="blossoms" />
      <Sheet title="Your price" open={pricing} onClose={() => setPricing(false)} closeTitle="Close">
        {pricing ? <BlossomPriceForm price={price} onDone={() => setPricing(false)} /> : null}
      </Sheet>
    </View>
  );
}

/** What was picked this season. */
function Picks({ season }: { readonly season: BlossomSeason }) {
  const f = useFormat();
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        This season
      </Text>
      <Text>{season.picks.length === 0 ? 'None picked yet.' : sayBlossomSeason(season, f)}</Text>
      {season.picks.slice(0, SHOWN).map(({ pick, day, use, count, sold }) => (
        <ListRow
          key={pick}
          title={`${f.day(day)}: ${f.count(count, 'blossom', 'blossoms')}`}
          note={
            use === 'eat'
              ? 'To eat'
              : `Sold${sold && sold.money > 0 ? ` for ${sayMoney(sold.money, sold.currency, f)}` : ''}`
          }
        />
      ))}
      {season.picks.length > 0 ? (
        <SaveNumbers
          what="Blossoms"
          table={{
            head: ['Day', 'Picked', 'For', 'Cases', 'Pieces', 'Money', 'Currency'],
            rows: season.picks.map(({ day, use, count, sold }) => [
              ...[day, f.number(count), use],
              ...(sold
                ? [f.number(sold.cases), f.number(sold.pieces), f.number(sold.money, 2), sold.currency]
                : ['', '', '', '']),
            ]),
          }}
        />
      ) : null}
    </View>
  );
}

/** All others are in the numbers. */
const SHOWN = 20;

function Care() {
  return (
    <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        With care
      </Text>
      {BLOSSOM_CARE.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </View>
  );
}
