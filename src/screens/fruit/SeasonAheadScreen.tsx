import { useLocalSearchParams } from 'expo-router';
import { memo, useMemo, useState, type ComponentProps, type ReactNode } from 'react';
import { View } from 'react-native';
import { wantsSeed } from '@/core/crops/variety';
import type { Journal } from '@/core/journal/journal';
import { gardenToSimulateInSteps, type GardenToSimulate } from '@/core/simulation/gardenToSimulate';
import { OTHER_WAYS, otherWay, type OtherWay } from '@/core/simulation/otherWays';
import {
  MANY_SEASONS,
  seasonsFor,
  USUAL_SEASONS,
  type PlayedSeasons,
  type SeasonsToPlay,
} from '@/core/simulation/playSeasons';
import type { PlantsToFind } from '@/core/simulation/fewestPlants';
import { AS_PLANNED, type SimulatedGarden, type WayOfSeason } from '@/core/simulation/simulatedGarden';
import { byName } from '@/core/text/byName';
import { useStore } from '@/data/hooks/useGarden';
import { useSteps } from '@/data/hooks/useSteps';
import { FanChart } from '@/ui/charts/FanChart';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { Underway } from '../shell/Underway';
import { useLongAnswer } from '../shell/useLongAnswer';
import { SaveNumbers } from '../shell/SaveNumbers';
import { WithWidth } from '../shell/WithWidth';
import { lowerFirst } from '../words/lowerFirst';
import { useFruits } from './fruitView';
import {
  FAN_HEAD,
  fanRows,
  NOT_PLAYED,
  OTHER_WAY_NAMES,
  sayChance,
  sayDifference,
  sayFlowers,
  sayPlants,
  sayTotals,
} from '../words/seasonAhead';

/** The garden in numbers, gathered bit by bit: while it is gathered again, as it was before. */
function useGardenToSimulate(): GardenToSimulate | undefined {
  const store = useStore();
  const view = useFruits();
  const begin = useMemo(() => {
    const { described, journal } = store;
    return view && described
      ? () => gardenToSimulateInSteps(journal, described, view.today, view.fruits)
      : undefined;
  }, [store, view]);
  return useSteps(begin)?.value;
}

const nameOf = (journal: Journal, variety: string): string => journal.all('variety').get(variety)?.name ?? '';

/** The rest of the season, played many times: what each variety may bring, and what working otherwise would change. */
export function SeasonAheadScreen() {
  const simulated = useGardenToSimulate();
  const { journal } = useStore();
  if (!simulated) {
    return (
      <Page title="What the season may bring">
        <Text tone="soft">Calculating…</Text>
      </Page>
    );
  }
  const { garden, left } = simulated;
  if (garden.plantings.length === 0) {
    return (
      <EmptyPage
        title="What the season may bring"
        text="There is nothing to play through: no variety stands that is pollinated flower by flower and still has a season before it."
        lead={{ title: 'To the garden', to: '/garden' }}
      >
        <Left left={left} journal={journal} />
      </EmptyPage>
    );
  }
  return <Ahead simulated={simulated} journal={journal} />;
}

interface AheadProps {
  readonly simulated: GardenToSimulate;
  readonly journal: Journal;
}

function Ahead({ simulated: { garden, left, sownAgain }, journal }: AheadProps) {
  const f = useFormat();
  const varieties = [...new Set(garden.plantings.map(({ variety }) => variety))]
    .map((value) => ({ value, title: nameOf(journal, value) }))
    .sort((a, b) => byName(a.title, b.title));
  const params = useLocalSearchParams<{ variety?: string }>();
  const [asked, setAsked] = useState(params.variety);
  const variety = varieties.some(({ value }) => value === asked) ? asked! : varieties[0]!.value;
  const [way, setWay] = useState<WayOfSeason>(AS_PLANNED);
  const [other, setOther] = useState<OtherWay>();
  const [many, setMany] = useState(false);
  const compared = other && otherWay(way, other, garden, variety);
  const seasons = seasonsFor(garden, many ? MANY_SEASONS : USUAL_SEASONS);
  // Another variety of the same answer is looked at without asking again.
  const ways = JSON.stringify(compared ? [way, compared] : [way]);
  const question = useMemo(
    (): SeasonsToPlay => ({ garden, seasons, ways: JSON.parse(ways) as SeasonsToPlay['ways'] }),
    [garden, seasons, ways],
  );
  const playing = useLongAnswer(question, (compute, each, tell) => compute.playSeasons(each, tell));
  const played = playing.answer ?? playing.last;
  return (
    <Page
      title="What the season may bring"
      aside={
        <WorkOtherwise
          way={way}
          onWay={setWay}
          other={compared ? other : undefined}
          onOther={setOther}
          possible={OTHER_WAYS.filter((each) => otherWay(way, each, garden, variety) !== undefined)}
        >
          {playing.answer ? (
            <Difference played={playing.answer} variety={variety} other={compared ? other : undefined} />
          ) : played ? (
            <Playing work={playing} />
          ) : null}
        </WorkOtherwise>
      }
    >
      <Text tone="soft">
        {`From today on, as your garden stands, with what you counted and what has set so far. Played ${f.number(seasons)} times, each with its own weather and luck.`}
      </Text>
      {varieties.length > 1 ? (
        <View style={{ alignSelf: 'flex-start', marginTop: SPACE.m }}>
          <ChooseOne
            name="Of"
            sheet="Of which variety"
            value={variety}
            options={varieties}
            onChange={setAsked}
          />
        </View>
      ) : (
        <Text variant="heading" level={2} style={{ marginTop: SPACE.m }}>
          {varieties[0]!.title}
        </Text>
      )}
      {played ? (
        <Brought
          key={variety}
          played={played}
          variety={variety}
          journal={journal}
          sownAgain={sownAgain.get(variety)}
          way={way}
        />
      ) : (
        <Playing work={playing} />
      )}
      {many || seasonsFor(garden, MANY_SEASONS) <= seasons ? null : (
        <Button
          variant="quiet"
          title={`Play ${f.number(seasonsFor(garden, MANY_SEASONS))} seasons`}
          onPress={() => setMany(true)}
          style={{ alignSelf: 'flex-start' }}
        />
      )}
      <Left left={left} journal={journal} />
    </Page>
  );
}

const Playing = ({ work }: { readonly work: ComponentProps<typeof Underway>['work'] }) => (
  <Underway
    work={work}
    doing="Playing the season"
    stoppedText="It was stopped."
    againTitle="Play again"
    stopLabel="Stop playing"
  />
);

interface DifferenceProps {
  readonly played: PlayedSeasons;
  readonly variety: string;
  readonly other: OtherWay | undefined;
}

/** What working otherwise changes for a variety. */
function Difference({ played: { ways, differences }, variety, other }: DifferenceProps) {
  const f = useFormat();
  const difference = differences?.find((each) => each.variety === variety);
  const covered = ways[1]?.find((each) => each.variety === variety)?.covered;
  if (!other || !difference) return null;
  return (
    <Text live>
      <Text variant="strong">{OTHER_WAY_NAMES[other]}</Text>
      {`: ${lowerFirst(sayDifference(difference, f))}${covered === 0 ? ' Of none of its seed anybody knows the father.' : ''}`}
    </Text>
  );
}

interface BroughtProps {
  readonly played: PlayedSeasons;
  readonly variety: string;
  readonly journal: Journal;
  /** It alone, from another sowing on the same day. */
  readonly sownAgain: SimulatedGarden | undefined;
  readonly way: WayOfSeason;
}

const MAX_WANTED = 500;
/** A row of the chart's table. */
const WEEK = 7;

/** What one variety brings, in a picture and in words; drawn again only when that is another. */
const Brought = memo(function Brought({
  played: { days, ways },
  variety,
  journal,
  sownAgain,
  way,
}: BroughtProps) {
  const f = useFormat();
  const described = journal.all('variety').get(variety);
  const [wanted, setWanted] = useState(described?.fruitWanted ?? 3);
  const [own, second] = ways.map((varieties) => varieties.find((each) => each.variety === variety));
  if (!own) return null;
  const summary = sayTotals(own, days.at(-1)!, f);
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.m }}>
      <Text variant="strong" live>
        {summary}
      </Text>
      <WithWidth>
        {(width) => (
          <FanChart
            width={width}
            days={own.fan}
            {...(second && { other: second.fan.map(([, , middle]) => middle) })}
            wanted={wanted}
            dayName={(day) => f.shortDay(days[day]!)}
            label={`Fruit picked by each day. ${summary}`}
            table={{ head: FAN_HEAD, rows: fanRows(own.fan, days, WEEK, f) }}
          />
        )}
      </WithWidth>
      <Text variant="small" tone="soft">
        {`Fruit picked${described && wantsSeed(described.purpose) ? ' with ripe seed' : ''} by each day, what is picked already included. The line: the middle season; the dark area: half of them; the pale one: eight of ten.${second ? ' The broken line: the middle season worked otherwise.' : ''} The dots: as many as you want.`}
      </Text>
      <SaveNumbers
        what="What the season may bring"
        table={{ head: FAN_HEAD, rows: own.fan.map((on, day) => [days[day]!, ...on.map(String)]) }}
      />
      <Stepper
        label="Fruits wanted"
        value={wanted}
        least={1}
        most={MAX_WANTED}
        onChange={setWanted}
        lessLabel="One fruit less is wanted"
        moreLabel="One fruit more is wanted"
      />
      <Text live>{sayChance(own, wanted, f)}</Text>
      <Text tone="soft">{sayFlowers(own, f)}</Text>
      {sownAgain ? <NextYear garden={sownAgain} way={way} wanted={wanted} /> : null}
    </View>
  );
});

/** In nine of ten seasons: who sows for a number wants to be that sure. */
const SURE = 0.9;
const SEASONS_FOR_PLANTS = 200;

interface NextYearProps {
  readonly garden: SimulatedGarden;
  readonly way: WayOfSeason;
  readonly wanted: number;
}

/** How many plants to grow for so many fruits, when that is asked. */
function NextYear({ garden, way, wanted }: NextYearProps) {
  const f = useFormat();
  const [asked, setAsked] = useState<PlantsToFind>();
  const finding = useLongAnswer(asked, async (compute, question, tell) => ({
    found: await compute.fewestPlants(question, tell),
  }));
  const question = { garden, way, wanted, chance: SURE, seasons: SEASONS_FOR_PLANTS };
  const isAsked = asked !== undefined && JSON.stringify(asked) === JSON.stringify(question);
  if (!isAsked) {
    return (
      <Button
        title={`How many plants for ${f.count(wanted, 'fruit', 'fruits')} next year?`}
        onPress={() => setAsked(question)}
        style={{ alignSelf: 'flex-start' }}
      />
    );
  }
  return finding.answer ? (
    <Text live>{`Next year ${sayPlants(finding.answer.found, wanted, f)}`}</Text>
  ) : (
    <Underway
      work={finding}
      doing="Trying numbers of plants"
      stoppedText="It was stopped."
      againTitle="Try again"
      stopLabel="Stop trying"
    />
  );
}

const MINUTES = ['all', '15', '30', '60'] as const;
type Minutes = (typeof MINUTES)[number];

interface WorkOtherwiseProps {
  readonly way: WayOfSeason;
  readonly onWay: (way: WayOfSeason) => void;
  readonly other: OtherWay | undefined;
  readonly onOther: (other: OtherWay | undefined) => void;
  readonly possible: readonly OtherWay[];
  /** What comes of the comparison. */
  readonly children: ReactNode;
}

/** How one works, and what is compared with it. */
function WorkOtherwise({ way, onWay, other, onOther, possible, children }: WorkOtherwiseProps) {
  const { minutes, ...rest } = way;
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        How you work
      </Text>
      <Choice<Minutes>
        label="Time for a round"
        row
        value={minutes === undefined ? 'all' : (String(minutes) as Minutes)}
        options={MINUTES.map((value) => ({
          value,
          title: value === 'all' ? 'All it takes' : `${value} min`,
        }))}
        onChange={(value) => onWay(value === 'all' ? rest : { ...rest, minutes: Number(value) })}
      />
      <Stepper
        label="Days a week"
        value={way.days}
        least={1}
        most={7}
        onChange={(days) => onWay({ ...way, days })}
        lessLabel="One day a week less"
        moreLabel="One day a week more"
      />
      <Choice<OtherWay | 'none'>
        label="Compare with"
        value={other ?? 'none'}
        options={[
          { value: 'none', title: 'Nothing' },
          ...possible.map((value) => ({ value, title: OTHER_WAY_NAMES[value] })),
        ]}
        onChange={(value) => onOther(value === 'none' ? undefined : value)}
      />
      {children}
      <Text variant="small" tone="soft">
        Compared in the very same seasons: the same weather, the same flowers, the same luck. What set depends
        on is our model: your own share of set, the hour, heat, males, and the fruit a plant carries already.
      </Text>
    </View>
  );
}

/** What is not played, and why. */
function Left({ left, journal }: { readonly left: GardenToSimulate['left']; readonly journal: Journal }) {
  if (left.length === 0) return null;
  const names = left.map(({ variety, why }) => `${nameOf(journal, variety)} (${NOT_PLAYED[why]})`);
  return (
    <Text variant="small" tone="soft" style={{ marginTop: SPACE.m }}>
      {`Not played: ${names.join(', ')}.`}
    </Text>
  );
}
