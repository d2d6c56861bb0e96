import { useLayoutEffect, useState } from 'react';
import { View } from 'react-native';
import { isFinding } from '@/core/journal/kinds/roundBodies';
import { cropOf } from '@/core/crops/catalogue';
import type { PollinateStop } from '@/core/journal/kinds/stops';
import { meantFor } from '@/core/journal/matingOf';
import { wayOf } from '@/core/trial/running';
import { plantLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import { asItShouldBe } from '@/core/round/asPlanned';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { bloomGlyph, sayMissed } from '../../words/blooms';
import { How } from '../../shell/How';
import { PlantLoad } from '../../shell/PlantLoad';
import { TieWith } from '../../shell/TieWith';
import { wordsOf } from '../../words/forms/forms';
import { TO_ITSELF } from '../../words/forms/flower';
import { howToPollinate } from '../../words/howTo';
import { byPlant, sayDonors } from '../../words/stops';
import { sayTried } from '../../words/trials';
import type { Format } from '../../format/format';
import { useFormat } from '../../format/useFormat';
import { type Exception, StopCard } from './StopCard';
import { type Exceptional, type PollinateCardProps, usePollination } from './usePollination';
import { StoodOpen } from './StoodOpen';
import { FoundDoubtful } from './FoundDoubtful';
import { CloseAndTag } from './CloseAndTag';
import { NoPollenFits } from '../NoPollenFits';
import { CleanFirst } from './CleanFirst';
import { DonorChip } from './DonorChip';

/** Brushing one female. As planned it is one tap; an exception takes one to three. */
export function PollinateCard(props: PollinateCardProps) {
  const [told, setTold] = useState<Exceptional>();
  const back = (): void => setTold(undefined);
  if (told === 'leftOpen') return <StoodOpen {...props} onBack={back} />;
  return told ? (
    <FoundDoubtful {...props} found={told} onFound={setTold} onBack={back} />
  ) : (
    <AsPlanned {...props} onTell={setTold} />
  );
}

function AsPlanned({
  onTell,
  ...props
}: PollinateCardProps & { readonly onTell: (as: Exceptional) => void }) {
  const { journal } = useGarden().store;
  const { stop } = props;
  const { female, part, covered, donors, toPick, without, wrong, clean, own, pollinate, miss, pick } =
    usePollination(props);
  const f = useFormat();
  const mustPick = toPick.length > 0;
  // What stands under the finger is another button then.
  useLayoutEffect(() => props.guard.close(), [props.guard, mustPick]);
  const tried = female && wayOf(journal, female);
  const tag = female?.code ? formatTagCode(female.code) : undefined;
  const males = sayDonors(journal, donors, f) || 'nothing';
  const crop = props.variety && cropOf(props.variety.crop);
  const glyph = bloomGlyph({
    part: crop?.parts?.male ?? crop?.parts?.bearing ?? 'flower',
    sex: 'male',
  });
  const words = own ? TO_ITSELF : wordsOf(crop?.flower).giving;
  const asPlanned = asItShouldBe(covered);
  const leave = { title: 'Leave it', onPress: () => miss('noPollen') };
  const canBeLeftOpen = !mustPick && covered && donors.length > 0 && !own;
  const leftOpen = canBeLeftOpen && {
    title: 'Could not shut it',
    onPress: () => onTell('leftOpen'),
  };
  const exceptions = wrong.map((why): Exception => ({
    title: sayMissed(why, crop),
    onPress: () => (isFinding(why) ? onTell(why) : miss(why)),
  }));
  return (
    <StopCard
      {...props}
      sex="female"
      covered={covered}
      part={part}
      says={
        mustPick
          ? `${STILL_THERE} ${toPick.map(({ plant }) => plantLabel(journal, plant)).join(', ')}`
          : `${words.says} ${males}${tag ? `, tag ${tag}` : ''}`
      }
      exceptions={exceptions}
      onCard={leftOpen ? [leftOpen] : []}
      done={
        donors.length > 0
          ? { title: 'Done', onPress: () => pollinate(asPlanned) }
          : mustPick
            ? { title: 'Picked', onPress: pick }
            : leave
      }
    >
      {donors.length > 0 ? (
        <CleanFirst clean={clean} onNotCleaned={() => pollinate({ ...asPlanned, cleaned: 'used' })} />
      ) : null}
      {props.variety ? <PlantLoad plant={stop} variety={props.variety} /> : null}
      {tried ? <Text variant="strong">{sayTried(tried, undefined, f)}</Text> : null}
      <How how={crop && howToPollinate(crop, covered, own)}>
        <Text variant="strong">
          {donors.length > 0 ? sayAgain(words.from, stop, f) : mustPick ? STILL_THERE : words.none}
        </Text>
      </How>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {byPlant(journal, [...(own ? [] : donors), ...toPick], f).map(
          ({ name, donors: [donor, ...others] }) => (
            <DonorChip
              key={name}
              glyph={glyph}
              name={name}
              note={
                [donor, ...others].some((each) => each && 'state' in each && each.state === 'instead')
                  ? 'instead'
                  : donor?.plant === stop.plant
                    ? 'its own'
                    : undefined
              }
            />
          ),
        )}
      </View>
      {without && !own ? <NoPollenFits without={without} /> : null}
      {mustPick ? <Button variant="quiet" {...leave} style={{ alignSelf: 'flex-start' }} /> : null}
      <TieWith
        flower={{
          variety: stop.variety,
          mating: meantFor(journal, stop.plant, props.round.day)?.mating,
          day: props.round.day,
        }}
      />
      {mustPick ? null : (
        <CloseAndTag covered={covered} tag={tag} shut={words.shut}>
          {leftOpen ? <Button variant="quiet" {...leftOpen} /> : null}
        </CloseAndTag>
      )}
    </StopCard>
  );
}

/** None was picked, and some could be. */
const STILL_THERE = 'No pollen is picked. Pick these first:';

/** From the second one on it is said which it is. */
const sayAgain = (text: string, { application }: PollinateStop, f: Format): string =>
  application === undefined ? text : `${f.number(application)}. pollination: ${text}`;
