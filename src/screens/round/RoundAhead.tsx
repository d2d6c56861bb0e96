import { View } from 'react-native';
import { cropOf, type Crop } from '@/core/crops/catalogue';
import type { Chore } from '@/core/journal/kinds/stops';
import { groupBy } from '@/core/text/groupBy';
import { MAX_PEOPLE } from '@/core/journal/limits';
import { addDays } from '@/core/time/calendar';
import { flowersDue } from '@/core/due/flowersDue';
import type { OutingDay } from '@/core/outing/outingDay';
import type { OutingPlan, WouldSave } from '@/core/round/planOuting';
import type { RoundPlan } from '@/core/round/planRound';
import { triedOnOuting } from '@/core/round/plannedFacts';
import { walkedRounds } from '@/core/round/stops';
import { visitsOf } from '@/core/round/visits';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { countParts } from '../words/blooms';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { PairRows } from './PairRows';
import { Parents } from './Parents';
import { sayReason } from '../words/reasons/morning';
import { Underway } from '../shell/Underway';
import type { LongAnswer } from '../shell/useLongAnswer';

interface RoundAheadProps {
  readonly service: OutingDay;
  readonly planning: LongAnswer<OutingPlan>;
  readonly people: number;
  /** Missing where flowers are added to a round. */
  readonly onPeople: ((people: number) => void) | undefined;
}

/** Longer than this it is a wait, and not a moment's rest. */
const WAIT_MS = 10 * 60_000;

/** How long a round takes. */
function sayDuration(
  { busyMs, start, finish, latestStart, stops }: RoundPlan,
  who: string,
  f: Format,
): string {
  if (stops.length === 0) return `${who} has nothing to do.`;
  const waits = finish - start - busyMs > WAIT_MS ? ', with a wait until the later kinds open' : '';
  const latest = latestStart === undefined ? '' : ` Start by ${f.time(latestStart)} at the latest.`;
  return `${who} takes ${f.number(Math.round(busyMs / 60_000))} min: from ${f.time(start)} to ${f.time(finish)}${waits}.${latest}`;
}

/** How many are reached too late, and what would save more of them. */
function sayLate(
  rounds: OutingPlan['rounds'],
  { helper, earlier, fewerMales }: WouldSave,
  f: Format,
): string {
  const females = rounds.flatMap(({ stops }) => stops.filter((stop) => stop.kind === 'pollinate'));
  const late = females.filter((stop) => stop.late).length;
  const more = [
    helper > 0 && `one more person would save ${f.number(helper)}`,
    earlier.count > 0 &&
      `starting ${f.number(earlier.minutes)} minutes earlier would save ${f.number(earlier.count)}`,
    fewerMales > 0 && `fewer males for each would save ${f.number(fewerMales)}`,
  ].filter((each) => each !== false);
  const said = `${f.number(late)} of ${f.count(females.length, 'flower', 'flowers')} will be reached too late.`;
  return more.length > 0 ? `${said} Of these ${more.join('; ')}.` : said;
}

/** How many of its females are in a trial. */
function Tried({ service }: Pick<RoundAheadProps, 'service'>) {
  const f = useFormat();
  const tried = useView('tried', [service.day, service.outing], ({ store: { journal }, garden }) =>
    triedOnOuting(journal, garden, service),
  );
  if (!tried || tried.worked + tried.left === 0) return null;
  return (
    <Text style={{ marginBottom: SPACE.s }}>
      {[
        tried.worked > 0 &&
          `${f.count(tried.worked, 'flower is', 'flowers are')} in a trial: each stop says what falls to it.`,
        tried.left > 0 &&
          `${f.count(tried.left, 'flower is', 'flowers are')} left to the insects, for a trial.`,
      ]
        .filter(Boolean)
        .join(' ')}
    </Text>
  );
}

interface RoundsProps {
  readonly plan: OutingPlan;
  /** How many there are besides those that bear. */
  readonly males: number;
  readonly crops: readonly Crop[];
}

const CHORES: Readonly<Record<Chore['kind'], readonly [one: string, more: string]>> = {
  uncover: ['plant with covers to take off', 'plants with covers to take off'],
  thin: ['plant to thin', 'plants to thin'],
  strip: [
    'plant to look over for fruit that set by itself',
    'plants to look over for fruit that set by itself',
  ],
};

const sayChores = (chores: readonly Chore[], f: Format): string =>
  Array.from(
    groupBy(chores, ({ kind }) => kind),
    ([kind, of]) => f.count(of.length, ...CHORES[kind]),
  ).join(', ');

/** What the plan comes to, person by person, and why it is as it is. */
function Rounds({ plan, males, crops }: RoundsProps) {
  const f = useFormat();
  const { rounds, pairs, wouldSave } = plan;
  const walked = walkedRounds(plan);
  return (
    <View style={{ gap: SPACE.s, marginVertical: SPACE.s }}>
      <Text>
        {pairs.length > 0
          ? `${countParts('bearing', pairs.length, crops, f)}${males > 0 ? ` and ${countParts('giver', males, crops, f)}` : ''}. `
          : ''}
        {rounds.length === 1 && walked[0] ? sayDuration(walked[0], 'The round', f) : ''}
        {wouldSave ? ` ${sayLate(rounds, wouldSave, f)}` : ''}
      </Text>
      {rounds.length > 1
        ? rounds.map((round, i) => (
            <Text key={i}>
              {sayDuration(
                round,
                `Round ${f.number(i + 1)} (${f.count(visitsOf(round.stops).length, 'plant', 'plants')})`,
                f,
              )}
            </Text>
          ))
        : null}
      {rounds.length > 1 ? (
        <Text variant="small" tone="soft">
          Who pollinates a flower has picked its males, and no two are at one plant at once. After the start
          each round can be given to another phone, or printed.
        </Text>
      ) : null}
      {walked[0] ? (
        <Text variant="small" tone="soft">
          {walked[0].reasons.map((reason) => sayReason(reason, f)).join(' ')}
        </Text>
      ) : null}
    </View>
  );
}

/** Whose flowers they are, and when they were found. */
const sayOrigin = ({ day, outing }: OutingDay, f: Format): string =>
  outing === 'dusk'
    ? `For the evening of ${f.shortDay(day)}, from what was marked before dusk.`
    : `For the ${outing} of ${f.shortDay(day)}, from what was marked on ${f.shortDay(addDays(day, -1))}.`;

/** What the rounds will look like: who walks, pairs, what is short, and the time it takes against the time there is. */
export function RoundAhead({ service, planning, people, onPeople }: RoundAheadProps) {
  const f = useFormat();
  const { answer: plan } = planning;
  const { store } = useGarden();
  const ahead = useView('ahead', [service.day, service.outing], ({ store: { journal } }) =>
    flowersDue(journal, service),
  );
  if (!ahead) return null;
  const { journal } = store;
  const { females, males, buds, shortages } = ahead;
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  const chores =
    plan?.rounds.flatMap(({ stops }) =>
      stops.flatMap((stop) => (stop.kind === 'chore' ? [stop.chore] : [])),
    ) ?? [];
  if (females.length === 0 && chores.length === 0) {
    return (
      <Text>
        No female flower is marked for {f.day(service.day)}.{' '}
        {males.length > 0 ? `${f.count(males.length, 'male', 'males')} will open: you can eat them.` : ''}
      </Text>
    );
  }
  const late = new Map(
    plan?.rounds.flatMap(({ stops }) =>
      stops.flatMap((stop) =>
        stop.kind === 'pollinate' && stop.late
          ? [[stop.bloom, `Be there by ${f.time(stop.lastSafe)}; this round comes at ${f.time(stop.eta)}.`]]
          : [],
      ),
    ),
  );
  const varieties = [...new Set(buds.females.map(({ variety }) => variety))];
  const cropsOf = (ids: readonly string[]): Crop[] =>
    ids.flatMap((id) => {
      const variety = journal.all('variety').get(id);
      return variety ? [cropOf(variety.crop)] : [];
    });
  const crops = cropsOf(varieties);
  // What bears as well is counted as that.
  const givers = males.filter(({ sex }) => sex === 'male');
  return (
    <View>
      {onPeople ? (
        <Stepper
          label="People"
          value={people}
          least={1}
          most={MAX_PEOPLE}
          lessLabel="One person less"
          moreLabel="One person more"
          onChange={onPeople}
        />
      ) : null}
      {chores.length > 0 ? <Text>{`Besides: ${sayChores(chores, f)}.`}</Text> : null}
      {plan ? (
        <Rounds plan={plan} males={givers.length} crops={crops} />
      ) : (
        <Underway
          work={planning}
          doing="Planning the round"
          stoppedText="Planning was stopped."
          againTitle="Plan again"
          stopLabel="Stop planning"
        />
      )}
      <Tried service={service} />
      {varieties.map((variety) => {
        const pairs = plan?.pairs.filter((pair) => pair.variety === variety) ?? [];
        const short = shortages.find((shortage) => shortage.variety === variety);
        return (
          <View key={variety} style={{ marginBottom: SPACE.m }}>
            <Text variant="label" level={2}>
              {name(variety)}
            </Text>
            {short ? (
              <Text variant="small" tone="rust">
                {`${short.males} of ${countParts('giver', short.wanted, cropsOf([variety]), f)} wanted for ${countParts('bearing', short.females, cropsOf([variety]), f)}`}
              </Text>
            ) : null}
            <Parents
              variety={variety}
              candidates={[
                ...new Set(buds.males.filter((male) => male.variety === variety).map(({ plant }) => plant)),
              ]}
            />
            <PairRows pairs={pairs} late={late} males={buds.males} day={service.day} />
          </View>
        );
      })}
      <Text variant="small" tone="soft">
        {sayOrigin(service, f)}
      </Text>
    </View>
  );
}
