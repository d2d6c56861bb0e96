import { NotFoundScreen } from '@/screens/shell/NotFoundScreen';
import { Route } from '@/screens/shell/Page';

export default function NotFound() {
  return (
    <Route title="No such page" anyGarden>
      <NotFoundScreen />
    </Route>
  );
}
