import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

/** Between two flowers: to go from one to the next. */
const PAUSE_MS = 2000;
const BUZZ_MS = 120;
const TONE_HZ = 660;

/** Says when a flower has had enough, and when to begin with the next: by sound, and by a buzz where the device can. */
export function FlowerTimer({ seconds }: { readonly seconds: number }) {
  const f = useFormat();
  const [running, setRunning] = useState(false);
  const [flower, setFlower] = useState(0);
  const [isOn, setIsOn] = useState(true);
  const sound = useRef<AudioContext>(undefined);
  useEffect(() => {
    if (!running) return;
    const timer = setTimeout(
      () => {
        signal(sound.current, isOn ? 1 : 2);
        if (!isOn) setFlower((count) => count + 1);
        setIsOn(!isOn);
      },
      isOn ? seconds * 1000 : PAUSE_MS,
    );
    return () => clearTimeout(timer);
  }, [running, isOn, seconds, flower]);
  useEffect(() => () => void sound.current?.close().catch(() => undefined), []);
  const start = (): void => {
    // A browser lets a page sound only after a tap.
    sound.current ??= typeof AudioContext === 'undefined' ? undefined : new AudioContext();
    setFlower(1);
    setIsOn(true);
    setRunning(true);
    signal(sound.current, 2);
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Timer
      </Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
        <Text variant="stop" style={{ flex: 1 }}>
          {running
            ? isOn
              ? `Flower ${f.number(flower)}`
              : 'Next flower'
            : `${f.number(seconds)} seconds a flower`}
        </Text>
        <Button
          size="big"
          title={running ? 'Stop' : 'Start'}
          label={running ? 'Stop the timer' : 'Start the timer'}
          onPress={running ? () => setRunning(false) : start}
        />
      </View>
      <Text variant="small" tone="soft">
        One tone: enough. Two tones: begin with the next. It buzzes as well where the device can.
      </Text>
    </View>
  );
}

/** So many short tones and buzzes. */
function signal(sound: AudioContext | undefined, times: number): void {
  const pattern = Array.from({ length: 2 * times - 1 }, () => BUZZ_MS);
  if ('vibrate' in navigator) navigator.vibrate(pattern);
  if (!sound) return;
  for (let i = 0; i < times; i += 1) {
    const tone = sound.createOscillator();
    tone.frequency.value = TONE_HZ;
    tone.connect(sound.destination);
    const at = sound.currentTime + (2 * i * BUZZ_MS) / 1000;
    tone.start(at);
    tone.stop(at + BUZZ_MS / 1000);
  }
}
