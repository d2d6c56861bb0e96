import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function KeptPollen() {
  return (
    <Route title="Kept pollen">
      <LazyScreen screen="pollen" />
    </Route>
  );
}
