import { LazyWork } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Round() {
  return (
    <Route title="Round">
      <LazyWork screen="round" />
    </Route>
  );
}
