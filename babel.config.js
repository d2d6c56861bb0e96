module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    // Jest runs CommonJS: a module fetched on demand is simply required there.
    env: { test: { plugins: ['@babel/plugin-transform-dynamic-import'] } },
  };
};
