/**
 * A Babel plugin for the built app: leaves out of the records of functions what only tests and readers of the code use,
 * their examples and sources.
 */
const RECORDS = new Set(['defineFunction', 'defineBinder']);
const ONLY_FOR_TESTS = new Set(['examples', 'source']);

module.exports = () => ({
  name: 'without-examples',
  visitor: {
    CallExpression({ node }) {
      const [given] = node.arguments;
      if (node.callee.type !== 'Identifier' || !RECORDS.has(node.callee.name)) return;
      if (given?.type !== 'ObjectExpression') return;
      given.properties = given.properties.filter(
        (property) => property.type !== 'ObjectProperty' || !ONLY_FOR_TESTS.has(property.key.name),
      );
    },
  },
});
