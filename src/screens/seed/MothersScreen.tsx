import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Variety } from '@/core/journal/state';
import { plantLabel } from '@/core/records/plantLabel';
import type { MotherCandidate, MotherStanding } from '@/core/seed/motherCandidates';
import type { MothersNow } from '@/core/seed/mothersNow';
import { useStore } from '@/data/hooks/useGarden';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Gradually } from '@/ui/parts/Gradually';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Explained } from '../shell/Explained';
import { ChooseOne } from '../shell/ChooseOne';
import { Page } from '../shell/Page';
import { sayMotherReasons, sayMothersWanted, sayParentsSoFar, STANDING_NAMES } from '../words/mothers';
import { EqualAmounts } from './EqualAmounts';
import { useMothers, useSeedVarieties } from './useMothers';

/** Which plants of a variety to keep seed of, whether they are enough, and how to take the same of each. */
export function MothersScreen() {
  const { variety: asked = '' } = useLocalSearchParams<{ variety?: string }>();
  const varieties = useSeedVarieties();
  const [chosen, setChosen] = useState(asked);
  const variety = varieties.find((each) => each.variety === chosen) ?? varieties[0];
  return (
    <Page
      title="Mothers for seed"
      aside={variety ? <EqualAmounts key={variety.variety} variety={variety} /> : null}
    >
      {variety ? (
        <View style={{ gap: SPACE.l }}>
          {varieties.length > 1 ? (
            <ChooseOne
              name="Of"
              sheet="Of which variety"
              value={variety.variety}
              options={varieties.map(({ variety: value, name: title }) => ({ value, title }))}
              onChange={setChosen}
            />
          ) : (
            <Text variant="strong">{variety.name}</Text>
          )}
          <OfVariety key={variety.variety} variety={variety} />
        </View>
      ) : (
        <Text>
          Nothing that grows here now is for seed. Say so on a variety’s page, and its plants are compared
          here as mothers.
        </Text>
      )}
    </Page>
  );
}

function OfVariety({ variety }: { readonly variety: Variety }) {
  const mothers = useMothers(variety.variety);
  if (!mothers) return <Text tone="soft">The plants are being compared.</Text>;
  return (
    <>
      <Enough variety={variety} mothers={mothers} />
      <View>
        <Text variant="heading" level={2}>
          The best first
        </Text>
        <Text variant="small" tone="soft">
          Among those that suit alike, first those that gave least so far: they widen the variety most.
        </Text>
        <Gradually items={mothers.candidates}>
          {(candidate) => <Candidate key={candidate.plant.plant} candidate={candidate} />}
        </Gradually>
      </View>
    </>
  );
}

/** By what gave seed or bears it, not by what stands in the bed. */
function Enough({
  variety,
  mothers: { soFar },
}: {
  readonly variety: Variety;
  readonly mothers: MothersNow;
}) {
  const f = useFormat();
  const { journal } = useStore();
  const wanted = sayMothersWanted(variety, soFar?.mothers ?? 0, f);
  const more = [
    soFar?.nextMother && { ...soFar.nextMother, what: 'One more fruit on' },
    soFar?.nextFather && { ...soFar.nextFather, what: 'Pollen for one more by' },
  ].flatMap((each) => (each && f.number(each.size, 1) !== f.number(soFar!.size, 1) ? [each] : []));
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Enough?
      </Text>
      {soFar ? (
        <Explained terms={['effectiveSize']}>{sayParentsSoFar(soFar, f)}</Explained>
      ) : (
        <Text>No fruit of it is for seed yet.</Text>
      )}
      {wanted ? <Text>{wanted}</Text> : null}
      {more.map(({ what, plant, size }) => (
        <Text
          key={what}
        >{`${what} ${plantLabel(journal, plant)} would bring it to ${f.number(size, 1)}.`}</Text>
      ))}
    </View>
  );
}

const STANDING_GLYPHS = {
  good: 'fruit',
  notLooked: 'look',
  doubtful: 'warn',
  no: 'warn',
} as const satisfies Record<MotherStanding, string>;

function Candidate({ candidate }: { readonly candidate: MotherCandidate }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const { plant, standing, reasons } = candidate;
  const isBad = standing === 'doubtful' || standing === 'no';
  return (
    <ListRow
      glyph={<Glyph name={STANDING_GLYPHS[standing]} size={26} tone={isBad ? 'rust' : 'ink'} />}
      tone={isBad ? 'rust' : 'ink'}
      title={`${plantLabel(journal, plant.plant)}: ${STANDING_NAMES[standing].toLowerCase()}`}
      note={sayMotherReasons(reasons, f)}
      onPress={() => router.push({ pathname: '/fruit/plant', params: { id: plant.plant } })}
    />
  );
}
