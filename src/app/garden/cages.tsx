import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Cages() {
  return (
    <Route title="Cages">
      <LazyScreen screen="cages" />
    </Route>
  );
}
