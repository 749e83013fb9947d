// One icon family, no reader of SVG texts, no Zod locales, of the matrix library only what is used, of the router neither tabs nor native
// toolbars, native stacks and a list of routes,
// which this application does not have: the first screen's JavaScript has a budget (npm run bench).
const { getDefaultConfig } = require('expo/metro-config');
const path = require('node:path');

const ROUTER = /[\\/]node_modules[\\/]expo-router[\\/]build[\\/]/;
const TAB_BAR_HEIGHT = path.join(
  path.dirname(require.resolve('expo-router/package.json')),
  'build/react-navigation/bottom-tabs/utils/BottomTabBarHeightContext.js',
);

const config = getDefaultConfig(__dirname);
config.resolver.resolveRequest = (context, name, platform) => {
  if (name === '@react-native-vector-icons/material-design-icons') {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'src/ui/icons/family.tsx') };
  }
  if (/^(@react-native-vector-icons|react-native-vector-icons)\//.test(name)) {
    throw new Error(`${name}: this icon family is left out on purpose; see src/ui/icons`);
  }
  if (/(^|\/)locales\/index\.js$/.test(name) && /[\\/]node_modules[\\/]zod[\\/]/.test(context.originModulePath)) {
    return { type: 'empty' };
  }
  if (name === 'ml-matrix' && /[\\/]ml-levenberg-marquardt[\\/]/.test(context.originModulePath)) {
    return { type: 'sourceFile', filePath: path.join(__dirname, 'scripts/ml-matrix-parts.js') };
  }
  // Drawings here are made of parts, never of a text of SVG that would have to be read or fetched.
  if (/[\\/]react-native-svg[\\/]/.test(context.originModulePath) && /(^|\/)(xml|utils\/fetchData)$/.test(name)) {
    return { type: 'empty' };
  }
  if (ROUTER.test(context.originModulePath)) {
    if (/(^|\/)layouts\/(Tabs|experimental-stack)$/.test(name) || name === './toolbar') return { type: 'empty' };
    if (/(^|\/)createNativeStackNavigator$/.test(name)) {
      return { type: 'sourceFile', filePath: path.join(__dirname, 'scripts/no-native-stack.js') };
    }
    if (/(^|\/)views\/Sitemap$/.test(name)) return { type: 'empty' };
    // Its error page asks how high a bar of tabs is.
    if (/(^|\/)react-navigation\/bottom-tabs$/.test(name)) return { type: 'sourceFile', filePath: TAB_BAR_HEIGHT };
  }
  return context.resolveRequest(context, name, platform);
};
config.transformer.minifierPath = require.resolve('./scripts/minify.js');
config.transformer.minifierConfig = {
  ecma: 2020,
  module: false,
  // A second look at what the first has made smaller.
  compress: { passes: 2, ecma: 2020, reduce_funcs: false },
  mangle: { toplevel: false },
  format: { asciiOnly: true, wrapIife: true },
};
module.exports = config;
