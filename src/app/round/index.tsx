import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Round() {
  return (
    <Route title="Round">
      <LazyScreen screen="round" />
    </Route>
  );
}
