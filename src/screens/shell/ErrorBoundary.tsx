import { View } from 'react-native';
import { DEVICE_STORE, openStore } from '@/data/storage';
import { saveRecords } from '@/data/files/rawExport';
import { DeviceStore } from '@/data/device/deviceStore';
import { DeviceLog } from '@/data/device/deviceLog';
import { opener } from '@/data/hooks/opening';
import { useEffect } from 'react';

/** When a screen fails: what happened, a link back, and the stored records as a file. Plain HTML, so that it works. */
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
    await saveRecords(device.current, opener.unsaved());
  };
  const unsaved = opener.unsaved().length;
  const stored =
    unsaved === 0
      ? 'What you recorded is stored.'
      : `${unsaved === 1 ? 'One entry is' : `${unsaved} entries are`} not on disk yet: save the records as a file before you leave this page.`;
  const unloaded = NOT_LOADED.test(error.message);
  return (
    <View role="main" style={{ padding: 20, maxWidth: 560 }}>
      <h1>{unloaded ? 'This screen could not be loaded' : 'Something went wrong here'}</h1>
      <p>
        {unloaded
          ? `There may be a newer version, or no network. ${stored}`
          : `${stored} You can try again, or save the records as a file first.`}
      </p>
      {unloaded ? null : <pre style={{ whiteSpace: 'pre-wrap' }}>{error.message}</pre>}
      <p>
        {unloaded ? (
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
const NOT_LOADED = /^Loading module .* failed/;
