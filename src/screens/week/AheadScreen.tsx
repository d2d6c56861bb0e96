import { Page } from '../shell/Page';
import { FlowersAhead } from './FlowersAhead';

/** What opens on the next five days. */
export const AheadScreen = () => (
  <Page title="The next five days">
    <FlowersAhead />
  </Page>
);
