import { View } from 'react-native';
import { addDays } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { morningOf } from '@/core/round/morning';
import type { RoundPlan } from '@/core/route/planRound';
import { plantLabel } from '@/core/records/flowerRows';
import { useGarden, useView } from '@/data/provider';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { sayReason } from '../words/reasons';

interface MorningAheadProps {
  readonly morning: Day;
  /** Nothing while it is reckoned. */
  readonly plan: RoundPlan | undefined;
}

/** What a morning will look like: pairs, what is short, and the time it takes against the time there is. */
export function MorningAhead({ morning, plan }: MorningAheadProps) {
  const f = useFormat();
  const { store } = useGarden();
  const ahead = useView('ahead', [morning], ({ store: { journal } }) => morningOf(journal, morning));
  if (!ahead) return null;
  const { journal } = store;
  const { females, males, pairing } = ahead;
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  if (females.length === 0) {
    return (
      <Words>
        No female flower is marked for {f.day(morning)}.{' '}
        {males.length > 0
          ? `${f.count(males.length, 'male', 'males')} will open: for the kitchen, or for nothing.`
          : ''}
      </Words>
    );
  }
  const varieties = [...new Set(pairing.pairs.map(({ variety }) => variety))];
  return (
    <View>
      {plan ? (
        <Words style={{ marginBottom: SPACE.m }}>
          {`${f.count(females.length, 'female', 'females')} and ${f.count(males.length, 'male', 'males')}. `}
          {plan.visits.length > 0
            ? `The round takes ${f.number(Math.round((plan.finish - plan.start) / 60_000))} min: from ${f.time(plan.start)} to ${f.time(plan.finish)}. `
            : ''}
          {plan.latestStart !== undefined
            ? `Start by ${f.time(plan.latestStart)} at the latest.`
            : plan.visits.length > 0
              ? 'Some flowers will be shut before you reach them: bring a helper, or begin with what matters most.'
              : ''}
        </Words>
      ) : (
        <Words tone="soft" live>
          Reckoning the walk…
        </Words>
      )}
      {plan && plan.visits.length > 0 ? (
        <Words kind="small" tone="soft" style={{ marginBottom: SPACE.m }}>
          {plan.reasons.map((reason) => sayReason(reason, f)).join(' ')}
        </Words>
      ) : null}
      {varieties.map((variety) => {
        const pairs = pairing.pairs.filter((pair) => pair.variety === variety);
        const short = pairing.shortages.find((shortage) => shortage.variety === variety);
        return (
          <View key={variety} style={{ marginBottom: SPACE.m }}>
            <Words kind="label" level={2}>
              {name(variety)}
            </Words>
            {short ? (
              <Words kind="small" tone="rust">
                {`${short.males} of ${f.count(short.wanted, 'male', 'males')} wanted for ${f.count(short.females, 'female', 'females')}`}
              </Words>
            ) : null}
            {pairs.map((pair) => (
              <Line
                key={pair.flower}
                glyph={<Glyph name="female" />}
                title={`${plantLabel(journal, pair.plant)} takes ${
                  pair.donors.length > 0
                    ? pair.donors.map(({ plant }) => plantLabel(journal, plant)).join(', ')
                    : 'nothing'
                }`}
                tone={pair.donors.length === 0 ? 'rust' : 'ink'}
                note={pair.reasons.map((reason) => sayReason(reason, f)).join(' ')}
              />
            ))}
          </View>
        );
      })}
      <Words kind="small" tone="soft">
        {`Worked out for the morning of ${f.shortDay(morning)}, from what was marked on ${f.shortDay(addDays(morning, -1))}.`}
      </Words>
    </View>
  );
}
