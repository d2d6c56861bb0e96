import { FruitScreen } from '@/screens/fruit/FruitScreen';
import { Route } from '@/screens/shell/Page';

export default function Fruit() {
  return (
    <Route title="Fruit">
      <FruitScreen />
    </Route>
  );
}
