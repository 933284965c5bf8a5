import type { Span } from '../base/span';
import { functionNamed } from '../function';
import { nodesOf } from '../language/tree';
import type { Tree } from '../language/tree';

const holds = (tree: Tree, kinds: (node: Tree) => boolean): boolean => {
  for (const node of nodesOf(tree)) if (kinds(node)) return true;
  return false;
};

const isMarked = (node: Tree): boolean => node.kind === 'mark' || node.kind === 'dms';
const isPi = (node: Tree): boolean => node.kind === 'constant' && node.name === 'pi';

/** Arguments of trigonometric functions that carry no unit of their own, so that the setting decides. */
export function unmarkedAngles(tree: Tree): readonly Tree[] {
  return [...nodesOf(tree)].flatMap((node) =>
    node.kind === 'call' && functionNamed(node.fn)?.angleIn === true
      ? node.args.filter((arg) => !holds(arg, isMarked))
      : [],
  );
}

/** Those of them that contain π: with degrees set, most likely a slip. */
export const anglesWithPi = (tree: Tree): readonly Span[] =>
  unmarkedAngles(tree)
    .filter((arg) => holds(arg, isPi))
    .map((arg) => arg.span);
/** Whether the line's value depends on the angle unit at all: by an angle that goes in or comes out, or a mark. */
export const usesAngleUnit = (tree: Tree): boolean =>
  holds(tree, (node) => {
    if (isMarked(node)) return true;
    const record = node.kind === 'call' ? functionNamed(node.fn) : undefined;
    return record !== undefined && (record.angleIn || record.angleOut);
  });
