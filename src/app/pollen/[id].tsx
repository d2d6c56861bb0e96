import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Portion() {
  return (
    <Route title="Kept pollen">
      <LazyScreen screen="portion" />
    </Route>
  );
}
