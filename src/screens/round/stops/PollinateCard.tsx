import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import { isCovered } from '@/core/journal/isCovered';
import {
  FINDINGS,
  type Finding,
  type MissedReason,
  type PollinateStop,
  type Stop,
} from '@/core/journal/kinds/round';
import type { Bloom, Round } from '@/core/journal/state';
import { meantFor } from '@/core/journal/matingOf';
import { plantLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import { BRUSHES, methodAt, missedAt, pollinatedAt, type Pollinating } from '@/core/round/asPlanned';
import { donorsNow, type DonorNow } from '@/core/round/progress';
import { wrongAt } from '@/core/round/operations/operations';
import { mustCleanBefore } from '@/core/round/stops';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH, usePalette } from '@/ui/theme';
import { bloomGlyph, sayMissed } from '../../words/blooms';
import { How } from '../../shell/How';
import { TieWith } from '../../shell/TieWith';
import { wordsOf } from '../../words/forms/forms';
import { howToPollinate } from '../../words/howTo';
import { FOUND } from '../../words/names';
import type { Format } from '../../format/format';
import { useFormat } from '../../format/useFormat';
import { StopCard, type Exception, type StopProps } from './StopCard';

type Doubtful = Exclude<Finding, 'shut'>;

/** Found so, a female can still be brushed. */
const isDoubtful = (why: MissedReason): why is Doubtful & MissedReason =>
  (FINDINGS as readonly string[]).includes(why);

type PollinateCardProps = StopProps & { readonly stop: PollinateStop };

/** What is told of a stop that did not go as planned. */
type Exceptional = Doubtful | 'leftOpen';

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

/** From the second one on it is said which it is. */
const sayAgain = (text: string, { application }: PollinateStop, f: Format): string =>
  application === undefined ? text : `${f.number(application)}. pollination: ${text}`;

/** What there is at the stop, and the two things that can be recorded there. */
function usePollination({ stop, round }: PollinateCardProps): {
  readonly flower: Bloom | undefined;
  readonly covered: boolean;
  readonly donors: readonly DonorNow[];
  readonly pollinate: (how: Omit<Pollinating, 'donors'>) => void;
  readonly miss: (why: MissedReason) => void;
} {
  const { journal } = useGarden().store;
  const record = useRecord();
  const flower = journal.all('bloom').get(stop.bloom);
  const donors = donorsNow(stop, round, journal);
  return {
    flower,
    covered: isCovered(flower ?? {}),
    donors,
    miss: (why) => record([missedAt(journal, round, stop, why)]),
    pollinate: (how) => record([pollinatedAt(journal, round, stop, { donors, ...how })]),
  };
}

function AsPlanned({
  onTell,
  ...props
}: PollinateCardProps & { readonly onTell: (as: Exceptional) => void }) {
  const { journal } = useGarden().store;
  const { stop } = props;
  const { flower, covered, donors, pollinate, miss } = usePollination(props);
  const f = useFormat();
  const tag = flower?.code ? formatTagCode(flower.code) : undefined;
  const males = donors.map(({ plant }) => plantLabel(journal, plant)).join(', ') || 'nothing';
  const crop = props.variety && cropOf(props.variety.crop);
  const part = flower?.part ?? 'flower';
  const words = wordsOf(crop?.flower).giving;
  const asPlanned = { found: covered ? 'shut' : 'open', shutAgain: covered } as const;
  // A bud that was covered or marked too early waits for its day.
  const mayBeEarly = part === 'flower' && !flower?.emasculated;
  const exceptions = wrongAt(stop)
    .filter((why) => why !== 'notYet' || mayBeEarly)
    .map((why): Exception => ({
      title: sayMissed(why, crop),
      onPress: () => (isDoubtful(why) ? onTell(why) : miss(why)),
    }));
  return (
    <StopCard
      {...props}
      sex="female"
      covered={covered}
      part={part}
      says={`${words.says} ${males}${tag ? `, tag ${tag}` : ''}`}
      exceptions={exceptions}
      done={
        donors.length > 0
          ? { title: 'Done', onPress: () => pollinate(asPlanned) }
          : { title: 'Leave it', onPress: () => miss('noPollen') }
      }
    >
      <CleanFirst
        stop={stop}
        round={props.round}
        onNotCleaned={
          donors.length > 0 && BRUSHES.includes(methodAt(journal, props.round, stop))
            ? () => pollinate({ ...asPlanned, tool: 'used' })
            : undefined
        }
      />
      <How how={crop && howToPollinate(crop, covered)}>
        <Text variant="strong">{donors.length > 0 ? sayAgain(words.from, stop, f) : words.none}</Text>
      </How>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {donors.map((donor) => (
          <DonorChip
            key={donor.bloom}
            glyph={bloomGlyph({ part: crop?.parts?.male ?? crop?.parts?.bearing ?? 'flower', sex: 'male' })}
            name={plantLabel(journal, donor.plant)}
            note={donor.state === 'instead' ? 'instead' : donor.plant === stop.plant ? 'her own' : undefined}
          />
        ))}
      </View>
      <TieWith
        flower={{
          variety: stop.variety,
          mating: meantFor(journal, stop.plant, props.round.day)?.mating,
          day: props.round.day,
        }}
      />
      <CloseAndTag covered={covered} tag={tag} shut={words.shut}>
        {donors.length > 0 ? (
          <Button variant="quiet" title="Could not shut it" onPress={() => onTell('leftOpen')} />
        ) : null}
      </CloseAndTag>
    </StopCard>
  );
}

/** Hands and brush come from another variety that crosses with this one. */
function CleanFirst({
  stop,
  round,
  onNotCleaned,
}: {
  readonly stop: Stop;
  readonly round: Round;
  /** Where a brush was used all the same. */
  readonly onNotCleaned: (() => void) | undefined;
}) {
  const { journal } = useGarden().store;
  if (!mustCleanBefore(journal, round, stop)) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
      <Text variant="strong" style={{ flex: 1 }}>
        {onNotCleaned ? 'Another variety: clean hands, a clean brush.' : 'Another variety: clean your hands.'}
      </Text>
      {onNotCleaned ? <Button variant="quiet" title="Brush not cleaned" onPress={onNotCleaned} /> : null}
    </View>
  );
}

/** Minutes for which a flower may have stood open, to tap. */
const OPEN_MINUTES = [2, 5, 15] as const;

/** A female that could not be shut at once: it makes a difference for how long. */
function StoodOpen({ onBack, ...props }: PollinateCardProps & { readonly onBack: () => void }) {
  const f = useFormat();
  const { pollinate } = usePollination(props);
  return (
    <StopCard
      {...props}
      sex="female"
      covered={false}
      says="For how long did it stand open?"
      exceptions={[{ title: 'Back', onPress: onBack }]}
      done={{ title: 'Left open', onPress: () => pollinate({ found: 'shut', shutAgain: false }) }}
    >
      <Text variant="stop" style={{ marginVertical: SPACE.s }}>
        Shut again after
      </Text>
      <View style={{ flexDirection: 'row', gap: SPACE.s, marginBottom: SPACE.s }}>
        {OPEN_MINUTES.map((minutes) => (
          <Button
            key={minutes}
            size="big"
            title={`${f.number(minutes)} min`}
            label={`Shut after ${f.count(minutes, 'minute', 'minutes')}`}
            onPress={() => pollinate({ found: 'shut', shutAgain: true, openMinutes: minutes })}
            style={{ flex: 1 }}
          />
        ))}
      </View>
      <Text variant="small">
        Before insects fly it does no harm; after that it is doubtful for seed. Left open, it is not for seed.
      </Text>
    </StopCard>
  );
}

interface FoundDoubtfulProps extends PollinateCardProps {
  readonly found: Doubtful;
  readonly onFound: (as: Doubtful) => void;
  readonly onBack: () => void;
}

/** A female that is no longer fit for seed: brush it all the same, or leave it. */
function FoundDoubtful({ found, onFound, onBack, ...props }: FoundDoubtfulProps) {
  const { flower, covered, donors, pollinate, miss } = usePollination(props);
  const seed = props.variety ? wantsSeed(props.variety.purpose) : false;
  return (
    <StopCard
      {...props}
      sex="female"
      covered={false}
      says={`Found ${FOUND[found]}. Brush it, or leave it.`}
      exceptions={[{ title: 'Back', onPress: onBack }]}
      done={{ title: 'Leave it', onPress: () => miss(found) }}
    >
      <Text variant="stop" style={{ marginTop: SPACE.m }}>{`Found ${FOUND[found]}.`}</Text>
      <Text style={{ marginVertical: SPACE.s }}>{sayUse(found, seed)}</Text>
      {found === 'hole' && covered && flower?.part === 'flower' ? (
        <Button
          title="The petals are whole, only the cover is torn"
          onPress={() => onFound('torn')}
          style={{ marginBottom: SPACE.s }}
        />
      ) : null}
      {donors.length > 0 ? (
        <Button
          size="big"
          title={seed && found !== 'torn' ? 'Brush it, to eat' : 'Brush it'}
          onPress={() => pollinate({ found, shutAgain: covered })}
        />
      ) : null}
    </StopCard>
  );
}

function sayUse(found: Doubtful, seed: boolean): string {
  if (!seed) return 'It can still give a fruit.';
  return found === 'torn'
    ? 'Doubtful for seed: an insect may have got in unseen.'
    : 'No longer fit for seed. It can still give a fruit to eat.';
}

interface CloseAndTagProps {
  readonly covered: boolean;
  readonly tag: string | undefined;
  readonly shut: string;
  /** What can be done if it will not shut. */
  readonly children: ReactNode;
}

/** The last step at a female. */
function CloseAndTag({ covered, tag, shut, children }: CloseAndTagProps) {
  if (!covered && !tag) return null;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        flexWrap: 'wrap',
        gap: SPACE.s,
        marginTop: SPACE.m,
      }}
    >
      <Text>{covered ? `${shut}${tag ? ', then tag' : ''}` : 'Tag'}</Text>
      {tag ? <Text variant="code">{tag}</Text> : null}
      {covered ? children : null}
    </View>
  );
}

/** A plant that gives pollen. */
function DonorChip({
  glyph,
  name,
  note,
}: {
  readonly glyph: GlyphName;
  readonly name: string;
  readonly note?: string;
}) {
  const palette = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.s,
        minHeight: TOUCH.least,
        paddingLeft: 10,
        paddingRight: 14,
        borderWidth: 2,
        borderColor: palette.ink,
        borderRadius: 24,
        borderBottomLeftRadius: 6,
        backgroundColor: palette.paper,
      }}
    >
      <Glyph name={glyph} />
      <Text variant="label">{name}</Text>
      {note ? <Text variant="small">{note}</Text> : null}
    </View>
  );
}
