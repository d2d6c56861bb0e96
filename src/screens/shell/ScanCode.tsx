import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { watchCodes, type CameraTrouble } from '@/data/camera/watchCodes';
import { Text } from '@/ui/parts/Text';
import { RADIUS, SPACE } from '@/ui/theme';

interface ScanCodeProps {
  /** What to do, once the camera is open. */
  readonly what: string;
  /** What to do where there is no camera, as the end of a sentence. */
  readonly instead: string;
  /** Called with what a code says. @returns whether that will do; else it goes on looking. */
  readonly onCode: (text: string) => boolean;
  /** Why what was read last would not do. */
  readonly error: string | undefined;
}

const TROUBLE: Readonly<Record<CameraTrouble, string>> = {
  none: 'This browser gives no camera here:',
  refused: 'The camera was not allowed. Allow it in the settings of the browser for this page, or',
};

/** Looks through the camera for a code. */
export function ScanCode({ what, instead, onCode, error }: ScanCodeProps) {
  const video = useRef<HTMLVideoElement>(null);
  const tell = useRef(onCode);
  const [state, setState] = useState<'opening' | 'looking' | CameraTrouble>('opening');
  useEffect(() => {
    tell.current = onCode;
  });
  useEffect(() => {
    let gone = false;
    let stop: (() => void) | undefined;
    const found = (text: string): void => {
      if (!gone && tell.current(text)) stop?.();
    };
    watchCodes(video.current!, found).then(
      (stopWatching) => {
        stop = stopWatching;
        if (gone) stopWatching();
        else setState('looking');
      },
      (reason: unknown) => {
        if (!gone) setState(reason instanceof Error && reason.message === 'refused' ? 'refused' : 'none');
      },
    );
    return () => {
      gone = true;
      stop?.();
    };
  }, []);
  const trouble = state === 'none' || state === 'refused' ? TROUBLE[state] : undefined;
  return (
    <View style={{ gap: SPACE.m }}>
      {trouble ? <Text>{`${trouble} ${instead}.`}</Text> : null}
      <video
        ref={video}
        muted
        playsInline
        aria-label="What the camera sees"
        style={{
          width: '100%',
          aspectRatio: '4 / 3',
          objectFit: 'cover',
          borderRadius: RADIUS.m,
          display: trouble ? 'none' : 'block',
        }}
      />
      <Text live tone={error ? 'rust' : 'soft'}>
        {trouble ? '' : (error ?? (state === 'opening' ? 'Opening the camera…' : what))}
      </Text>
    </View>
  );
}
