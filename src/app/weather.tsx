import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Weather() {
  return (
    <Route title="Weather">
      <LazyScreen screen="weather" />
    </Route>
  );
}
