import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Bed() {
  return (
    <Route title="A bed">
      <LazyScreen screen="bed" />
    </Route>
  );
}
