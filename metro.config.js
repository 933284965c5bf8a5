const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/**
 * Parts of the validator that the app never calls: its messages in other languages (ours stand in src/text) and the
 * writing of JSON Schemas (a test does that). The bundler would carry all of them into the first load.
 */
const NOT_SHIPPED = /(^|\/)(locales\/index|json-schema-processors|json-schema-generator|to-json-schema)\.c?js$/;
const isNotShipped = (from, name) => /node_modules\/zod\//.test(from) && NOT_SHIPPED.test(name);

config.resolver.resolveRequest = (context, name, platform) =>
  isNotShipped(context.originModulePath, name) ? { type: 'empty' } : context.resolveRequest(context, name, platform);

module.exports = config;
