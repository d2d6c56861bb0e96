import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Walk() {
  return (
    <Route title="Walk">
      <LazyScreen screen="walk" />
    </Route>
  );
}
