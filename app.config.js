/** `APP_ROOT` serves the bench, which builds an app of one empty route for comparison. */
const root = process.env.APP_ROOT ?? 'src/app';

module.exports = {
  expo: {
    name: 'Steady Trowel',
    slug: 'steady-trowel',
    version: '0.1.0',
    scheme: 'steadytrowel',
    orientation: 'default',
    userInterfaceStyle: 'automatic',
    platforms: ['web'],
    web: { bundler: 'metro', output: 'static' },
    plugins: [['expo-router', { root, sitemap: false, asyncRoutes: { web: true, default: false } }]],
  },
};
