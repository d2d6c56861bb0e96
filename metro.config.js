const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// React Native Elements' Button imports Icon, and Icon every icon family's glyph table (180 kB gzipped).
// The app draws its own glyphs, so the families resolve to nothing.
const ICON_FAMILIES = /^(@expo\/vector-icons|react-native-vector-icons)(\/|$)/;
// The router brings tabs, drawers, stacks and a map of its pages. The app has its own frame around one page.
const NAVIGATORS =
  /expo-router[\\/]build[\\/](react-navigation[\\/](bottom-tabs|drawer|material-top-tabs|native-stack|stack)[\\/]|layouts[\\/]stack-utils[\\/]|views[\\/]Sitemap\.js$)/;
// Drawings are made of elements: no file of a drawing is read, and the browser itself reads transforms.
const DRAWING_READERS =
  /react-native-svg[\\/]lib[\\/]module[\\/](xml|lib[\\/]extract[\\/]transform(ToRn)?)\.js$/;
// Long lists are those of `@tanstack/react-virtual`; React Native's own come along with its animations.
const LONG_LISTS =
  /react-native-web[\\/]dist[\\/](exports|vendor[\\/]react-native)[\\/](FlatList|SectionList|VirtualizedList|VirtualizedSectionList)[\\/]/;
// They zip large files in workers that are made of texts: the page's policy of contents forbids those.
const WORKBOOKS = /[\\/](read|write)-excel-file[\\/]/;
const ZIP_HERE = require.resolve('./src/data/files/zipHere.ts');
const isLeftOut = (file = '') => NAVIGATORS.test(file) || DRAWING_READERS.test(file) || LONG_LISTS.test(file);

const fallback = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  if (ICON_FAMILIES.test(name)) return { type: 'empty' };
  // Its module for bundlers takes itself for one of CommonJS here.
  if (name === 'tslib') return context.resolveRequest(context, 'tslib/tslib.es6.js', platform);
  if (name === 'fflate' && WORKBOOKS.test(context.originModulePath))
    return { type: 'sourceFile', filePath: ZIP_HERE };
  const found = (fallback ?? context.resolveRequest)(context, name, platform);
  return !process.env.APP_ROOT && isLeftOut(found.filePath) ? { type: 'empty' } : found;
};

// A module is evaluated when something of it is first used: most of what Today loads it needs only after a tap.
// The bench's empty app (`APP_ROOT`) is what the tools make of it unasked.
if (!process.env.APP_ROOT) {
  config.transformer.getTransformOptions = async () => ({
    transform: { experimentalImportSupport: true, inlineRequires: true },
  });
}
config.cacheVersion = process.env.APP_ROOT ?? 'app';

module.exports = config;
