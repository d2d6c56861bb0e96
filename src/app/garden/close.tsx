import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function CloseSeason() {
  return (
    <Route title="Close the season">
      <LazyScreen screen="close" />
    </Route>
  );
}
