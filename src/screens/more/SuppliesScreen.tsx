import { View } from 'react-native';
import { dayAt } from '@/core/time/calendar';
import { shoppingList } from '@/core/today/supplies';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { saySupplies, supplyItems } from '../words/supplies';

/** What the last week used up, and what to get for the next two. */
export function SuppliesScreen() {
  const f = useFormat();
  const list = useView('supplies', [], ({ store: { journal }, garden, now }) =>
    shoppingList(journal, dayAt(now, garden.zone)),
  );
  if (!list) return null;
  const { days, used, ahead } = list;
  const needed = supplyItems(ahead.supplies, f);
  return (
    <Page title="Supplies" foot={<Button size="big" title="Print" onPress={() => window.print()} />}>
      <View style={{ gap: SPACE.m }}>
        <Text>
          {saySupplies(used, f)
            ? `The last ${f.number(days)} days took ${saySupplies(used, f)}.`
            : `Nothing was covered in the last ${f.number(days)} days: what you will need cannot be said yet.`}
        </Text>
        {needed.length > 0 ? (
          <View>
            <Text variant="heading" level={2}>
              {`For the next ${f.number(ahead.days)} days, at that pace`}
            </Text>
            {needed.map((item) => (
              <ListRow key={item} title={item} />
            ))}
          </View>
        ) : null}
        <Text variant="small" tone="soft">
          Also, to check: tweezers and a clean spoon for crosses, soft brushes, one for each variety that
          crosses, something to clean hands and blades with between beds, a pencil that rain does not wash
          off.
        </Text>
      </View>
    </Page>
  );
}
