import { Text, Button, ThemeProvider, createTheme, Input, Overlay } from '@rneui/themed';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import Svg, { Path, Circle, Line, Rect, G } from 'react-native-svg';
const s = createAsyncStorage('x');
const c = new QueryClient();
function B() {
  useQuery({ queryKey: ['a'], queryFn: () => s.getItem('x') });
  return (
    <Svg>
      <G>
        <Path d="M0 0" />
        <Circle />
        <Line />
        <Rect />
      </G>
    </Svg>
  );
}
export default function A() {
  return (
    <ThemeProvider theme={createTheme({})}>
      <QueryClientProvider client={c}>
        <B />
        <Text>Hi</Text>
        <Button title="x" />
        <Input />
        <Overlay isVisible={false}>
          <Text>a</Text>
        </Overlay>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
