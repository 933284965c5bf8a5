import { itemAt } from '../base/item';
import { functionNames } from '../function';
import { partsOf } from '../language/tree';
import type { Tree } from '../language/tree';

/** The letters of an expression that nothing in it binds, in the order in which they are met; names of columns are none. */
export function openLetters(tree: Tree): readonly string[] {
  const found = new Set<string>();
  const visit = (node: Tree, bound: ReadonlySet<string>): void => {
    if (node.kind === 'letter') {
      if (!bound.has(node.name) && node.name.length === 1) found.add(node.name);
      return;
    }
    const letter = node.kind === 'call' ? node.args[1] : undefined;
    if (node.kind === 'call' && functionNames.get(node.fn)?.form === 'binder' && letter?.kind === 'letter') {
      for (const limit of node.args.slice(2)) visit(limit, bound);
      visit(itemAt(node.args, 0), new Set([...bound, letter.name]));
      return;
    }
    for (const part of partsOf(node)) visit(part, bound);
  };
  visit(tree, new Set());
  return [...found];
}
