import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Start() {
  return (
    <Route title="Your own garden">
      <LateScreen screen="start" />
    </Route>
  );
}
