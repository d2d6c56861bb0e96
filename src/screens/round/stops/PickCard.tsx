import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { Part } from '@/core/crops/crop';
import { isCovered } from '@/core/journal/isCovered';
import { MISSED_REASONS, type MissedReason, type PickStop } from '@/core/journal/kinds/round';
import { pickedAt } from '@/core/round/asPlanned';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { How } from '../../shell/How';
import { sayMissed } from '../../words/blooms';
import { howToPick } from '../../words/howTo';
import { StopCard, type StopProps } from './StopCard';

/** Reasons for which a male is not used. What is no flower is not known to open. */
const unfitFor = (part: Part): readonly MissedReason[] =>
  MISSED_REASONS.filter(
    (why) =>
      why !== 'noPollen' && why !== 'skipped' && why !== 'torn' && (why !== 'notYet' || part === 'flower'),
  );

interface PickWords {
  readonly verb: string;
  readonly what: readonly [string, string];
  readonly check: string;
  readonly how: string;
}

const PICKING: { readonly flower: PickWords } & Readonly<Partial<Record<Part, PickWords>>> = {
  flower: {
    verb: 'Pick',
    what: ['male', 'males'],
    check: 'Look for holes.',
    how: 'Pull the petals off at the base, and keep the pollen dry.',
  },
  tassel: {
    verb: 'Take',
    what: ['tassel bag', 'tassel bags'],
    check: 'Look for tears.',
    how: 'Bend the tassel over, tap it, and take the bag off level. In dry heat its pollen lives for an hour or two.',
  },
};

/** Of flowers that are both. */
const PICKING_PERFECT: PickWords = {
  verb: 'Take',
  what: ['flower for pollen', 'flowers for pollen'],
  check: 'Its bag must be whole.',
  how: 'Tap or vibrate it over a clean spoon or dish: dry yellow dust is pollen. Keep it dry.',
};

/** Picking the males of one plant: each exception marks one of them unfit. */
export function PickCard({ stop, ...shared }: StopProps & { readonly stop: PickStop }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [unfit, setUnfit, dropUnfit] = useDraft<readonly MissedReason[]>(`pick/${stop.stop}`, []);
  const whys = unfit ?? [];
  const total = stop.blooms.length;
  const good = total - whys.length;
  const covered = stop.blooms.some((id) => isCovered(journal.all('bloom').get(id) ?? {}));
  const mark = (why: MissedReason): void => {
    if (good > 0) setUnfit([...whys, why]);
  };
  const done = (): void => {
    const spoiled = whys.map((why, i) => ({ bloom: stop.blooms[i]!, why }));
    record([pickedAt(shared.round, stop, spoiled)], whenSaved(dropUnfit));
  };
  const crop = shared.variety && cropOf(shared.variety.crop);
  const part = crop?.parts?.male ?? 'flower';
  const words = crop?.habit === 'perfect' ? PICKING_PERFECT : (PICKING[part] ?? PICKING.flower);
  const some = f.count(total, ...words.what);
  const pick = `${words.verb} ${good === total ? '' : `${good} of `}${some}`;
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="male"
      part={part}
      covered={covered}
      says={`${pick}, ${shared.variety?.name ?? ''}`}
      exceptions={unfitFor(part).map((why) => ({
        title: sayMissed(why, crop),
        onPress: () => mark(why),
      }))}
      done={{ title: good > 0 ? 'Done' : 'None, continue', onPress: done }}
    >
      <View style={{ marginTop: SPACE.m, gap: SPACE.xs }}>
        <How how={crop && howToPick(crop)}>
          <Text variant="stop" live>
            {pick}
          </Text>
        </How>
        <Text>{covered ? `${words.check} ${words.how}` : words.how}</Text>
        {whys.length > 0 ? (
          <Text tone="rust" live>
            {`Not used: ${whys.map((why) => sayMissed(why, crop).toLowerCase()).join(', ')}.`}
          </Text>
        ) : null}
      </View>
    </StopCard>
  );
}
