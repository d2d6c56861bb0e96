import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Rates() {
  return (
    <Route title="Set and drop">
      <LazyScreen screen="setRates" />
    </Route>
  );
}
