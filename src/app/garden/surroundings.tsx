import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Surroundings() {
  return (
    <Route title="The land around">
      <LazyScreen screen="surroundings" />
    </Route>
  );
}
