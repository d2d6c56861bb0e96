import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Crossing() {
  return (
    <Route title="Crossing">
      <LazyScreen screen="crossing" />
    </Route>
  );
}
