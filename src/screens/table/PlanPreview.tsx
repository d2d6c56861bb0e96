import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { PlanDraft, SheetAssumption } from '@/core/records/planDraft';
import { groupBy } from '@/core/text/groupBy';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { SOWING_NAMES } from '../words/garden';
import { PURPOSE_NAMES } from '../words/names';
import { sayBeds } from '../words/places';
import { sayAssumed } from '../words/sheet';

/** Varieties shown at once. */
const MAX_SHOWN = 40;

/** How many plants a plan has. */
export const plantsIn = ({ rows }: PlanDraft): number => rows.reduce((sum, { plants }) => sum + plants, 0);

/** What would be imported: each variety with its kind, beds, days and plants. */
export function PlanPreview({ draft }: { readonly draft: PlanDraft }) {
  const f = useFormat();
  const [shown, setShown] = useState(MAX_SHOWN);
  const { beds, varieties } = draft;
  const rows = groupBy(draft.rows, ({ variety }) => variety);
  return (
    <View>
      <Text variant="strong" live>
        {`${f.count(beds.length, 'bed', 'beds')}, ${f.count(varieties.length, 'variety', 'varieties')}, ${f.count(plantsIn(draft), 'plant', 'plants')}. Nothing has been imported yet.`}
      </Text>
      {varieties.slice(0, shown).map((variety, i) => {
        const own = rows.get(i) ?? [];
        return (
          <ListRow
            key={variety.name}
            title={variety.name}
            note={[
              `${cropOf(variety.crop).name}, ${cropOf(variety.crop).species}. ${PURPOSE_NAMES[variety.purpose]}.`,
              `${sayBeds([...new Set(own.map(({ bed }) => beds[bed]!.name))])}.`,
              ...saySowings(draft, i, f),
              variety.note ? `Note: ${variety.note.replaceAll('\n', '; ')}` : '',
              variety.held ? 'Already on the plan.' : '',
            ]
              .filter(Boolean)
              .join(' ')}
            end={f.number(own.reduce((sum, { plants }) => sum + plants, 0))}
          />
        );
      })}
      {varieties.length > shown ? (
        <Button
          title={`Show ${f.number(Math.min(MAX_SHOWN, varieties.length - shown))} more`}
          onPress={() => setShown(shown + MAX_SHOWN)}
        />
      ) : null}
    </View>
  );
}

/** The days on which a variety is sown or planted out. */
function saySowings({ varieties, sowings }: PlanDraft, variety: number, f: Format): string[] {
  const own = varieties[variety]!.sowing;
  const others = sowings.filter((each) => each.variety === variety).map(({ sowing }) => sowing);
  return [...(own ? [own] : []), ...others].map(({ how, day }) => `${SOWING_NAMES[how]} ${f.date(day)}.`);
}

/** What was made of things that the table does not say. */
export function Assumptions({ assumed }: { readonly assumed: readonly SheetAssumption[] }) {
  const f = useFormat();
  if (assumed.length === 0) return null;
  return (
    <View style={{ gap: SPACE.xs }}>
      {assumed.map((each) => (
        <Text
          key={each.code}
          variant="small"
          tone={each.code === 'standsAlready' ? 'rust' : 'soft'}
          live={each.code === 'standsAlready'}
        >
          {sayAssumed(each, f)}
        </Text>
      ))}
    </View>
  );
}
