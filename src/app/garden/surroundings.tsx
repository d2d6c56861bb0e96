import { LateScreen } from '@/screens/shell/LateScreen';
import { Route } from '@/screens/shell/Page';

export default function Surroundings() {
  return (
    <Route title="The land around">
      <LateScreen screen="surroundings" />
    </Route>
  );
}
