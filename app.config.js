// As app.json has it. The benchmark builds a trivial screen of the same stack from other routes.
module.exports = ({ config }) => {
  const routes = process.env.INVOLUCRUM_ROUTES;
  if (routes === undefined) return config;
  const plugins = config.plugins.map(([name, options]) => [name, { ...options, root: routes }]);
  return { ...config, plugins };
};
