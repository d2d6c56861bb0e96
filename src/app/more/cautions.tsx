import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Cautions() {
  return (
    <Route title="Cautions" anyGarden>
      <LazyScreen screen="cautions" />
    </Route>
  );
}
