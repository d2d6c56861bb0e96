/**
 * The parts of React Native Elements that the app uses, each from its own module: the package's index brings
 * all thirty into the first page (25 kB gzipped).
 */
export { default as Button } from '@rneui/themed/dist/Button';
export { default as Input } from '@rneui/themed/dist/Input';
export { default as ListItem } from '@rneui/themed/dist/ListItem';
export { default as Overlay } from '@rneui/themed/dist/Overlay';
export { default as Text } from '@rneui/themed/dist/Text';
export { createTheme, ThemeProvider, useTheme } from '@rneui/themed/dist/config';
