const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// React Native Elements' Button imports Icon, and Icon every icon family's glyph table (180 kB gzipped).
// The app draws its own glyphs, so the families resolve to nothing.
const ICON_FAMILIES = /^(@expo\/vector-icons|react-native-vector-icons)(\/|$)/;
const fallback = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  if (ICON_FAMILIES.test(name)) return { type: 'empty' };
  return (fallback ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;
