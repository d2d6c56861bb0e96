import { View } from 'react-native';
import { DEVICE_STORE, openStore } from '@/data/storage';
import { rawExport } from '@/data/files/rawExport';
import { download } from '@/data/files/download';
import { DeviceStore } from '@/data/device';
import { DeviceLog } from '@/data/deviceLog';
import { useEffect } from 'react';

/** When a screen fails: what happened, the way back, and the stored records as a file. Plain on purpose. */
export function ErrorBoundary({
  error,
  retry,
}: {
  readonly error: Error;
  readonly retry: () => Promise<void>;
}) {
  useEffect(() => {
    void DeviceLog.open(openStore(DEVICE_STORE)).then((log) =>
      log.note('error', `${error.name}: ${error.message}`),
    );
  }, [error]);
  const save = async (): Promise<void> => {
    const device = await DeviceStore.open(openStore(DEVICE_STORE));
    download('steady-trowel-records.txt', await rawExport(device.current), 'text/plain');
  };
  const unfetched = UNFETCHED.test(error.message);
  return (
    <View role="main" style={{ padding: 20, maxWidth: 560 }}>
      <h1>{unfetched ? 'This screen could not be fetched' : 'Something went wrong here'}</h1>
      <p>
        {unfetched
          ? 'A newer version may have taken its place, or the network is gone. What you recorded is stored.'
          : 'What you recorded is still stored. You can try again, or save the records as a file first.'}
      </p>
      {unfetched ? null : <pre style={{ whiteSpace: 'pre-wrap' }}>{error.message}</pre>}
      <p>
        {unfetched ? (
          <button onClick={() => window.location.reload()}>Reload</button>
        ) : (
          <button onClick={() => void retry()}>Try again</button>
        )}{' '}
        <button onClick={() => void save()}>Save the records</button> <a href="/">Back to Today</a>
      </p>
    </View>
  );
}

/** How the bundler's loader words it when a script of a screen is not there. */
const UNFETCHED = /^Loading module .* failed/;
