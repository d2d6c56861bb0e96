import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function LotRoute() {
  return (
    <Route title="Seed">
      <LazyScreen screen="lot" />
    </Route>
  );
}
