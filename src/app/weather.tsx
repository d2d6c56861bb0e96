import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Weather() {
  return (
    <Route title="Weather">
      <LateScreen screen="weather" />
    </Route>
  );
}
