import { FormScreen } from '@/screens/forms/FormScreen';
import { Route } from '@/screens/shell/Page';

export default function Plants() {
  return (
    <Route title="Plants">
      <FormScreen form="plants" />
    </Route>
  );
}
