const { join, sep } = require('node:path');

/*
 * What the bundler would carry into the first load though nothing of ours calls it. It cannot leave out by itself what a
 * package requires and does not use, so that is said here, file by file; the browser tests show that nothing is missed.
 */

const stub = (name) => join(__dirname, 'stubs', `${name}.js`);
const EMPTY = 'empty';

/** Files of packages (without their endings), and what stands in for each. */
const INSTEAD = [
  // The validator's messages in other languages (ours stand in src/text), and its writing of JSON Schemas (a test does that).
  [/\/zod\/v4\/(locales\/index|core\/(json-schema-processors|json-schema-generator|to-json-schema))$/, EMPTY],
  // Whoever asks for all of `react-native` gets what stands on a page of ours.
  [/\/react-native-web\/dist\/index$/, stub('react-native')],
  [/\/react-native-web\/dist\/modules\/useResponderEvents\/ResponderSystem$/, stub('responder-system')],
  // Of the router we use its routes, its address and one slot: no navigators with screens of their own, no previews, no sitemap.
  [/\/expo-router\/build\/layouts\/StackClient$/, stub('stack-client')],
  [/\/expo-router\/build\/head(\/index)?$/, stub('head')],
  [/\/expo-router\/build\/screensFeatureFlags$/, stub('screens-feature-flags')],
  [
    /\/expo-router\/build\/(stack|link|color|standard-navigation|native-tabs|fork\/native-stack)(\/index|\/Link|\/NativeTabTrigger|\/composition-options)?$/,
    EMPTY,
  ],
  [/\/expo-router\/build\/layouts\/(Tabs|experimental-stack)(\/index)?$/, EMPTY],
  [/\/expo-router\/build\/primitives\/elements$/, EMPTY],
  [/\/expo-router\/build\/views\/(Sitemap|useSitemap|Unmatched|ErrorBoundary|Toast)$/, EMPTY],
  [/\/expo-router\/build\/react-navigation\/core\/StaticNavigation$/, EMPTY],
  [
    /\/expo-router\/build\/react-navigation\/native\/(Link|createStaticNavigation|useScrollToTop|useLinkBuilder|useLinkProps|useLinkTo)$/,
    EMPTY,
  ],
  [/\/expo-router\/build\/react-navigation\/routers\/(Tab|Drawer)Router$/, EMPTY],
];

const ENDING = /(\.web)?\.(js|mjs|cjs)$/;

/** What stands in for a file of a package; null where the file itself is wanted. */
function insteadOf(file) {
  const path = file.split(sep).join('/').replace(ENDING, '');
  return INSTEAD.find(([pattern]) => pattern.test(path))?.[1] ?? null;
}

/** Resolves as the bundler does, but for what is left out. */
function leanly(context, name, platform) {
  const found = context.resolveRequest(context, name, platform);
  // What stands in for a file may ask for that file itself.
  const isOurs = context.originModulePath.startsWith(join(__dirname, 'stubs'));
  if (platform !== 'web' || found.type !== 'sourceFile' || isOurs) return found;
  const instead = insteadOf(found.filePath);
  if (instead === null) return found;
  return instead === EMPTY ? { type: 'empty' } : { type: 'sourceFile', filePath: instead };
}

module.exports = { leanly };
