import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Start() {
  return (
    <Route title="Your own garden" anyGarden>
      <LazyScreen screen="start" />
    </Route>
  );
}
