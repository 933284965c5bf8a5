const { getDefaultConfig } = require('expo/metro-config');
const { readdirSync } = require('node:fs');
const { join } = require('node:path');
const { bundlePackages } = require('./metro/bundles');
const { describedFile } = require('./metro/described');
const { leanly } = require('./metro/lean');

/** While the app is worked on, packages are taken as they are: their warnings are wanted then. */
const isBuilt = process.env.NODE_ENV === 'production';
const bundled = isBuilt ? bundlePackages() : new Map();
/** The page's records of functions, without what only the workers work with. */
const described = isBuilt ? describedFile() : undefined;
const functions = join(__dirname, 'src', 'core', 'function');

const filesIn = (...folder) =>
  readdirSync(join(__dirname, ...folder), { recursive: true, withFileTypes: true })
    .filter((entry) => /\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));

/**
 * Modules start when they are first used, except what those of the core use, whose loops would ask for it at every turn,
 * and the runtime, which notes its own address while its script is being run.
 */
const startedAtOnce = [...filesIn('src', 'core'), ...filesIn('node_modules', 'expo', 'src', 'winter')];

const config = getDefaultConfig(__dirname);
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    inlineRequires: { blockList: Object.fromEntries(startedAtOnce.map((file) => [file, true])) },
  },
});
config.resolver.resolveRequest = (context, name, platform) => {
  const isDescribed = name === './described' && context.originModulePath.startsWith(functions);
  const file = platform !== 'web' ? undefined : isDescribed ? described : bundled.get(name);
  return file === undefined ? leanly(context, name, platform) : { type: 'sourceFile', filePath: file };
};
module.exports = config;
