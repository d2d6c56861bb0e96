import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Report() {
  return (
    <Route title="Report" anyGarden>
      <LazyScreen screen="report" />
    </Route>
  );
}
