module.exports = (api) => {
  api.cache.using(() => process.env.NODE_ENV);
  return {
    presets: ['babel-preset-expo'],
    // Jest runs CommonJS: a chunk that is loaded when needed is simply required there.
    env: { test: { plugins: ['@babel/plugin-transform-dynamic-import', '@babel/plugin-transform-modules-commonjs'] } },
  };
};
