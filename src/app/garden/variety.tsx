import { FormScreen } from '@/screens/forms/FormScreen';
import { Route } from '@/screens/shell/Page';

export default function Variety() {
  return (
    <Route title="A variety">
      <FormScreen form="variety" />
    </Route>
  );
}
