import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function AddLotRoute() {
  return (
    <Route title="Add seed">
      <LazyScreen screen="addLot" />
    </Route>
  );
}
