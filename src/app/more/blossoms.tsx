import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Blossoms() {
  return (
    <Route title="Blossoms to eat or sell">
      <LazyScreen screen="blossoms" />
    </Route>
  );
}
