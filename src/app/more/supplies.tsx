import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Supplies() {
  return (
    <Route title="Supplies">
      <LazyScreen screen="supplies" />
    </Route>
  );
}
