import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Fruit() {
  return (
    <Route title="Fruit">
      <LazyScreen screen="fruit" />
    </Route>
  );
}
