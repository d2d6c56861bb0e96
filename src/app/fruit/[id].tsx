import { OneFruitScreen } from '@/screens/fruit/OneFruitScreen';
import { Route } from '@/screens/shell/Page';

export default function OneFruit() {
  return (
    <Route title="A fruit">
      <OneFruitScreen />
    </Route>
  );
}
