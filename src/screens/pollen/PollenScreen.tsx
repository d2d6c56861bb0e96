import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { keepsFor, keptPollen, mayBeKept, pollenKept, type KeptPollen } from '@/core/due/keptPollen';
import { POLLEN_STORES, type PollenStore } from '@/core/journal/kinds/mating';
import type { Bloom, Variety } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { UndoFoot } from '../shell/ProgressHead';
import { POLLEN_STORES_NAMED } from '../words/names';

/** Pollen that was kept on purpose, and what was picked and may be. */
export function PollenScreen() {
  const router = useRouter();
  const f = useFormat();
  const view = useView('pollen', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    return { today, portions: keptPollen(journal, today), picked: [...mayBeKept(journal, today)] };
  });
  if (!view) return null;
  const { today, portions, picked } = view;
  return (
    <Page title="Kept pollen" foot={<UndoFoot work="round" />}>
      <Text tone="soft">
        Pollen of tomato, pepper, aubergine and potato keeps dry and cold for some weeks; what a tassel’s bag
        holds keeps cool and damp until tomorrow. That of squash, melon and cucumber does not keep.
      </Text>
      {picked.map(([variety, blooms]) => (
        <KeepSome key={variety.variety} variety={variety} blooms={blooms} today={today} />
      ))}
      {portions.length === 0 && picked.length === 0 ? (
        <Text style={{ marginTop: SPACE.m }}>
          Nothing is kept. What you pick on a round may be, on that day and the next.
        </Text>
      ) : null}
      {portions.map((portion) => (
        <ListRow
          key={portion.pollen}
          title={portion.name}
          note={sayPortion(portion, today, f)}
          onPress={() => router.push({ pathname: '/pollen/[id]', params: { id: portion.pollen } })}
        />
      ))}
    </Page>
  );
}

/** What a portion is of, and how good it still is. */
export function sayPortion(
  { variety, how, age, until, emptied, given, left }: KeptPollen,
  today: Day,
  f: Format,
): string {
  const of = `${variety?.name ?? 'Of several varieties'}, ${POLLEN_STORES_NAMED[how].toLowerCase()}, ${f.count(age, 'day', 'days')} old.`;
  const used = given.length > 0 ? ` Put on ${f.count(given.length, 'flower', 'flowers')}.` : '';
  if (emptied) return `${of}${used} Nothing is left.`;
  if (until < today) return `${of}${used} Too old: it was good until ${f.date(until)} at most.`;
  const sets = variety && keepsFor(cropOf(variety.crop), how);
  const fewer = sets && age > sets[0] ? ' Fewer flowers set with it now.' : '';
  return `${of}${used} For ${f.count(left, 'flower', 'flowers')} more, until ${f.date(until)}.${fewer}`;
}

interface KeepSomeProps {
  readonly variety: Variety;
  readonly blooms: readonly Bloom[];
  readonly today: Day;
}

/** Keeps what was picked of a variety: how decides for how long. */
function KeepSome({ variety, blooms, today }: KeepSomeProps) {
  const f = useFormat();
  const record = useRecord();
  const [open, setOpen] = useState(false);
  const crop = cropOf(variety.crop);
  const ways = POLLEN_STORES.flatMap((how) => {
    const days = keepsFor(crop, how)?.[1];
    return days === undefined ? [] : [{ how, days }];
  });
  return (
    <View style={{ marginTop: SPACE.m, alignSelf: 'flex-start' }}>
      <Button title={`Keep pollen of ${variety.name}`} onPress={() => setOpen(true)} />
      <Sheet
        title={`Keep pollen of ${variety.name}`}
        open={open}
        onClose={() => setOpen(false)}
        closeTitle="Close"
      >
        <Choice<PollenStore>
          label={`What is left of ${f.count(blooms.length, 'flower', 'flowers')} picked`}
          value={undefined}
          options={ways.map(({ how, days }) => ({
            value: how,
            title: POLLEN_STORES_NAMED[how],
            note: days === 1 ? 'until tomorrow' : `for ${f.count(days, 'day', 'days')} at most`,
          }))}
          onChange={(how) => {
            record([
              pollenKept({
                ...{ pollen: newId(), name: `${variety.name}, ${f.shortDay(today)}`, how, day: today },
                of: blooms.map(({ bloom }) => bloom),
              }),
            ]);
            setOpen(false);
          }}
        />
      </Sheet>
    </View>
  );
}
