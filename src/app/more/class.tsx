import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Class() {
  return (
    <Route title="For a class" anyGarden>
      <LazyScreen screen="class" />
    </Route>
  );
}
