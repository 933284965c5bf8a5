module.exports = (api) => {
  const isBuilt = api.caller((caller) => caller?.isDev === false);
  return { presets: ['babel-preset-expo'], plugins: isBuilt ? ['./scripts/without-examples.cjs'] : [] };
};
