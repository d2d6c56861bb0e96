import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Files() {
  return (
    <Route title="Files" anyGarden>
      <LazyScreen screen="files" />
    </Route>
  );
}
