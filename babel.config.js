module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    // Jest runs CommonJS: a module fetched on demand is simply required there.
    env: { test: { plugins: ['@babel/plugin-transform-dynamic-import'] } },
    // The router imports all of React Native for a few words of it; what nobody uses is then not evaluated.
    overrides: process.env.APP_ROOT
      ? []
      : [
          {
            test: (file) => /react-native-web[\\/]dist[\\/]index\.js$/.test(file ?? ''),
            plugins: [['@babel/plugin-transform-modules-commonjs', { lazy: () => true }]],
          },
        ],
  };
};
