/** Ends with a sentence when this Node cannot run the project. */
const [major, minor, patch] = process.versions.node.split('.').map(Number);
const isOld = major < 20 || (major === 20 && (minor < 19 || (minor === 19 && patch < 4)));
if (isOld) {
  console.error(
    `Ulkav needs Node 20.19.4 or later; this is ${process.versions.node}. Install a newer Node and run the command again.`,
  );
  process.exit(1);
}
