import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { PURPOSES, type Purpose } from '@/core/crops/variety';
import { comparePlants } from '@/core/garden/places';
import { compatibility } from '@/core/isolation/compatibility';
import type { Bodies } from '@/core/journal/kinds/kinds';
import type { Mating, Variety } from '@/core/journal/state';
import { plantLabel } from '@/core/records/plantLabel';
import { addDays, dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { ChoosePlants, type NamedPlant } from './ChoosePlants';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { PURPOSE_NAMES } from '../words/names';
import { sayGardenReason } from '../words/reasons/garden';

interface Typed {
  mother: string;
  father: string | undefined;
  purpose: Purpose | undefined;
  from: string;
  until: string;
  marker: string;
}
type Checked = Omit<Typed, 'father' | 'purpose' | 'until' | 'marker'> & {
  father: string;
  purpose: Purpose;
  until?: string;
  marker?: string;
};

interface CrossView {
  readonly held: Mating | undefined;
  readonly mother: Variety | undefined;
  /** What can father seed on it, itself left out. */
  readonly fathers: readonly Variety[];
  /** Plants that stand, by variety, each with its place in words. */
  readonly plants: ReadonlyMap<string, readonly NamedPlant[]>;
  readonly tomorrow: Day;
}

function useCross(id: string | undefined, of: string | undefined): CrossView | undefined {
  return useView('cross', [id ?? '', of ?? ''], ({ store: { journal }, garden, now }): CrossView => {
    const held = journal.all('mating').get(id ?? '');
    const varieties = journal.all('variety');
    const mother = varieties.get(held?.mother ?? of ?? '');
    const standing = [...journal.all('plant').values()]
      .filter(({ removed }) => !removed)
      .sort(comparePlants(journal.all('bed')));
    const plants = new Map<string, NamedPlant[]>();
    for (const { plant, variety } of standing)
      plants.set(variety, [
        ...(plants.get(variety) ?? []),
        { value: plant, title: plantLabel(journal, plant) },
      ]);
    const fathers = mother
      ? [...varieties.values()].filter(
          (father) =>
            father.variety !== mother.variety &&
            compatibility(traitsOf(mother), traitsOf(father)).frequency !== 'never',
        )
      : [];
    return { held, mother, fathers, plants, tomorrow: addDays(dayAt(now, garden.zone), 1) };
  });
}

const traitsOf = ({ crop, traits }: Variety) => ({
  crop,
  ...(traits.endosperm && { endosperm: traits.endosperm }),
});

/** Which variety is to father seed on which, of which plants, and from when on: rounds bring its pollen then. */
export function CrossScreen() {
  const { id, mother } = useLocalSearchParams<{ id?: string; mother?: string }>();
  const view = useCross(id, mother);
  if (!view) return null;
  if (!view.mother)
    return (
      <EmptyPage
        title="A cross"
        text="Choose the mother first: open a variety of the garden and plan the cross from there."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  if (view.fathers.length === 0)
    return (
      <EmptyPage
        title="A cross"
        text={`Nothing in the garden can father seed on ${view.mother.name}. Add the other parent to the garden first.`}
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  return <CrossForm view={view} mother={view.mother} />;
}

function CrossForm({ view, mother }: { readonly view: CrossView; readonly mother: Variety }) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { held, fathers, plants, tomorrow } = view;
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('cross', {
    mother: mother.variety,
    father: held?.father,
    purpose: held?.purpose ?? 'seedForFun',
    from: held?.from ?? tomorrow,
    until: held?.until ?? '',
    marker: held?.marker ?? '',
  });
  const chosen = useWatch({ control, name: 'father' });
  const father = fathers.find(({ variety }) => variety === chosen);
  // None chosen: any of the variety.
  const [mothers, setMothers] = useState<readonly string[]>(held?.plants ?? []);
  // Those of a father that was chosen before are not this one's.
  const [chosenOf, setChosenOf] = useState({ of: held?.father, plants: held?.fathers ?? [] });
  const own = chosenOf.of === chosen ? chosenOf.plants : [];
  const save = handleSubmit((checked) => {
    const body = bodyOf(checked, held?.mating ?? newId(), { mothers, fathers: own });
    record(
      [{ kind: 'mating.set', body }],
      eitherWay(() => router.replace({ pathname: '/garden/variety', params: { id: mother.variety } })),
    );
  });
  return (
    <Page
      title={`A cross on ${mother.name}`}
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <FormChoice
          control={control}
          name="father"
          label="Father"
          options={fathers.map(({ variety, name }) => ({ value: variety, title: name }))}
        />
        {father ? (
          <Text variant="small" tone="soft">
            {compatibility(traitsOf(mother), traitsOf(father))
              .reasons.map((reason) => sayGardenReason(reason, f))
              .join(' ')}
          </Text>
        ) : null}
        <ChoosePlants
          label="Mother plants"
          any="Every plant of it"
          plants={plants.get(mother.variety) ?? []}
          chosen={mothers}
          onChange={setMothers}
        />
        {father ? (
          <ChoosePlants
            label="Father plants"
            any="Any plant of it"
            plants={plants.get(father.variety) ?? []}
            chosen={own}
            onChange={(those) => setChosenOf({ of: father.variety, plants: those })}
          />
        ) : null}
        <FormDay control={control} name="from" label="For flowers that open from" />
        <FormDay
          control={control}
          name="until"
          label="and until"
          note="Without a day until the end of the season."
        />
        <FormChoice
          control={control}
          name="purpose"
          label="What for?"
          options={PURPOSES.filter((purpose) => purpose !== 'eat').map((purpose) => ({
            value: purpose,
            title: PURPOSE_NAMES[purpose],
          }))}
        />
        <FormField
          control={control}
          name="marker"
          label="What will its plants show that the mother does not?"
          note="A dominant trait of the father, such as a purple stem; it can be left empty. A plant without it came of the mother’s own pollen."
        />
        {held ? (
          <Button
            title="How you work"
            onPress={() => router.push({ pathname: '/garden/ways', params: { of: held.mating } })}
          />
        ) : null}
        <Text variant="small" tone="soft">
          The evening walk covers its flowers, and rounds bring the father’s pollen to them. Perfect flowers
          keep their own pollen out only if their anthers are taken out in the bud.
        </Text>
        <Text variant="strong">What comes after</Text>
        <Text variant="small" tone="soft">
          {[mother, father].some((parent) => parent?.seedSource === 'f1')
            ? 'A parent is a hybrid itself, so the plants of this seed differ: sow many. '
            : 'Of two true lines the seed is F1: its plants are alike. Let a few of them pollinate themselves, under cover, and sow many of that seed: the F2 is mixed. '}
          Keep seed of the plants you like best, each by itself, and go on so: after some six generations it
          comes nearly true. What is kept by tubers or runners is a variety of its own from the first plant
          on.
        </Text>
      </View>
    </Page>
  );
}

interface ChosenPlants {
  readonly mothers: readonly string[];
  readonly fathers: readonly string[];
}

function bodyOf(checked: Checked, mating: string, { mothers, fathers }: ChosenPlants): Bodies['mating.set'] {
  return {
    mating,
    ...checked,
    ownPollen: 'never',
    ...(mothers.length > 0 && { plants: mothers }),
    ...(fathers.length > 0 && { fathers }),
  };
}
