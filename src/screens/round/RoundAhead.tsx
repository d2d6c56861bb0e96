import { View } from 'react-native';
import { addDays } from '@/core/time/calendar';
import { flowersDue } from '@/core/work/flowersDue';
import type { Service } from '@/core/work/service';
import type { OutingPlan, WouldSave } from '@/core/work/route/planOuting';
import { plantLabel } from '@/core/records/plantLabel';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Parents } from './Parents';
import { bloomGlyph } from '../words/blooms';
import { sayReason } from '../words/reasons/morning';

interface RoundAheadProps {
  readonly service: Service;
  /** `undefined` while it is computed. */
  readonly plan: OutingPlan | undefined;
}

/** Longer than this it is a wait, and not a moment's rest. */
const WAIT_MS = 10 * 60_000;

function sayDuration({ busyMs, start, finish }: OutingPlan, f: Format): string {
  const waits = finish - start - busyMs > WAIT_MS ? ', with a wait until the later kinds open' : '';
  return `The round takes ${f.number(Math.round(busyMs / 60_000))} min: from ${f.time(start)} to ${f.time(finish)}${waits}. `;
}

/** How many are reached too late, and what would save more of them. */
function sayLate(stops: OutingPlan['stops'], { helper, earlier, fewerMales }: WouldSave, f: Format): string {
  const females = stops.filter((stop) => stop.kind === 'pollinate');
  const late = females.filter((stop) => stop.kind === 'pollinate' && stop.late).length;
  const more = [
    helper > 0 && `a second person would save ${f.number(helper)}`,
    earlier.count > 0 &&
      `starting ${f.number(earlier.minutes)} minutes earlier would save ${f.number(earlier.count)}`,
    fewerMales > 0 && `fewer males for each would save ${f.number(fewerMales)}`,
  ].filter((each) => each !== false);
  const said = `${f.number(late)} of ${f.count(females.length, 'flower', 'flowers')} will be reached too late.`;
  return more.length > 0 ? `${said} Of these ${more.join('; ')}.` : said;
}

/** Whose flowers they are, and when they were found. */
const sayOrigin = ({ day, outing }: Service, f: Format): string =>
  outing === 'dusk'
    ? `For the evening of ${f.shortDay(day)}, from what was marked before dusk.`
    : `For the ${outing} of ${f.shortDay(day)}, from what was marked on ${f.shortDay(addDays(day, -1))}.`;

/** What a round will look like: pairs, what is short, and the time it takes against the time there is. */
export function RoundAhead({ service, plan }: RoundAheadProps) {
  const f = useFormat();
  const { store } = useGarden();
  const ahead = useView('ahead', [service.day, service.outing], ({ store: { journal } }) =>
    flowersDue(journal, service),
  );
  if (!ahead) return null;
  const { journal } = store;
  const { females, males, buds, shortages } = ahead;
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  if (females.length === 0) {
    return (
      <Text>
        No female flower is marked for {f.day(service.day)}.{' '}
        {males.length > 0 ? `${f.count(males.length, 'male', 'males')} will open: you can eat them.` : ''}
      </Text>
    );
  }
  const late = new Map(
    plan?.stops.flatMap((stop) =>
      stop.kind === 'pollinate' && stop.late
        ? [[stop.bloom, `Be there by ${f.time(stop.lastSafe)}; this round comes at ${f.time(stop.eta)}.`]]
        : [],
    ),
  );
  const varieties = [...new Set(buds.females.map(({ variety }) => variety))];
  return (
    <View>
      {plan ? (
        <Text style={{ marginBottom: SPACE.m }}>
          {`${f.count(females.length, 'female', 'females')} and ${f.count(males.length, 'male', 'males')}. `}
          {plan.stops.length > 0 ? sayDuration(plan, f) : ''}
          {plan.latestStart !== undefined ? `Start by ${f.time(plan.latestStart)} at the latest.` : ''}
          {plan.wouldSave ? sayLate(plan.stops, plan.wouldSave, f) : ''}
        </Text>
      ) : (
        <Text tone="soft" live>
          Planning the round…
        </Text>
      )}
      {plan && plan.stops.length > 0 ? (
        <Text variant="small" tone="soft" style={{ marginBottom: SPACE.m }}>
          {plan.reasons.map((reason) => sayReason(reason, f)).join(' ')}
        </Text>
      ) : null}
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
                {`${short.males} of ${f.count(short.wanted, 'male', 'males')} wanted for ${f.count(short.females, 'female', 'females')}`}
              </Text>
            ) : null}
            <Parents
              variety={variety}
              candidates={[
                ...new Set(buds.males.filter((male) => male.variety === variety).map(({ plant }) => plant)),
              ]}
            />
            {pairs.map((pair) => (
              <ListRow
                key={pair.bloom}
                glyph={<Glyph name={bloomGlyph(journal.all('bloom').get(pair.bloom)!)} />}
                title={`${plantLabel(journal, pair.plant)} takes ${
                  pair.donors.length > 0
                    ? pair.donors.map(({ plant }) => plantLabel(journal, plant)).join(', ')
                    : 'nothing'
                }`}
                tone={pair.donors.length === 0 || late.has(pair.bloom) ? 'rust' : 'ink'}
                note={[late.get(pair.bloom) ?? [], ...pair.reasons.map((reason) => sayReason(reason, f))]
                  .flat()
                  .join(' ')}
              />
            ))}
          </View>
        );
      })}
      <Text variant="small" tone="soft">
        {sayOrigin(service, f)}
      </Text>
    </View>
  );
}
