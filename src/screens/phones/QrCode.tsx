import { useQuery } from '@tanstack/react-query';
import { View } from 'react-native';
import { loadSync } from '@/data/hooks/useSync';
import { CodePicture } from '@/ui/paper/CodePicture';
import { SPACE } from '@/ui/theme';

/** A text as a QR code. */
export function QrCode({ text, label }: { readonly text: string; readonly label: string }) {
  const { data } = useQuery({
    queryKey: ['qr', text],
    queryFn: async () => (await loadSync()).qrPath(text),
    gcTime: 0,
  });
  if (!data) return null;
  return (
    <View
      style={{ width: '100%', maxWidth: 340, alignSelf: 'center', aspectRatio: 1, marginVertical: SPACE.s }}
    >
      <CodePicture {...data} label={label} />
    </View>
  );
}
