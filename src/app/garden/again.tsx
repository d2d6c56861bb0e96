import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function NextSeason() {
  return (
    <Route title="The next season">
      <LazyScreen screen="again" />
    </Route>
  );
}
