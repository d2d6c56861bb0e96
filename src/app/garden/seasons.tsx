import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Seasons() {
  return (
    <Route title="Seasons">
      <LazyScreen screen="seasons" />
    </Route>
  );
}
