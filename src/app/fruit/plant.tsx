import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function PlantSeason() {
  return (
    <Route title="Plant">
      <LazyScreen screen="plantSeason" />
    </Route>
  );
}
