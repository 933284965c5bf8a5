import { assertNever } from '../base/never';
import { withBrackets } from './brackets';
import { shownBased, typedBased } from './based-numerals';
import { grouped } from './numerals';
import type { DecimalSign } from './numerals';
import { operators } from './operators';
import type { RelationName } from './operators';
import { toSuperscript, vulgarSign } from './tokens';
import { rowsOf } from './tree';
import type { Tree } from './tree';

/** `typed`: what can be typed and reads back the same. `reading`: what is shown, with spaces and raised digits. */
export type TextStyle = Readonly<{
  style: 'typed' | 'reading';
  decimalSign: DecimalSign;
  impliedFirst: boolean;
  /** Thin spaces between the digits of long numbers; what is typed has none. */
  grouping?: boolean;
}>;

export const TYPED: TextStyle = { style: 'typed', decimalSign: '.', impliedFirst: false };

const localNumber = (written: string, sign: DecimalSign): string =>
  sign === ',' ? written.replace('.', ',') : written;

/** What stands between values. */
const separatorOf = ({ style, decimalSign }: TextStyle): string =>
  (decimalSign === ',' ? ';' : ',') + (style === 'typed' ? '' : ' ');

/** √2 before something that follows closely would be taken for the root of both. */
const shielded = (text: string): string => text.replace(/√(\d+)$/, '√($1)');

/** Two texts of an implied product, kept from running together into another name or a power of ten. */
function join(left: string, right: string): string {
  const safe = shielded(left);
  if (safe !== left) return safe + right;
  const merges = /[A-Za-z]$/.test(left) && /^[A-Za-z]/.test(right) && !/[A-Z][A-Z]$/.test(left.slice(-1) + right[0]);
  const powerOfTen = /[\d.,\u0305]$/.test(left) && /^[eE]/.test(right);
  // A letter would be read among the digits of another base.
  const isHexadecimal = /0x[\dA-F.,\u0305]+$/.test(left) && /^[A-Fa-f]/.test(right);
  const based = isHexadecimal || (/[A-Za-z]$/.test(left) && /^[\dA-Z.,\u0305]+ base /.test(right));
  return left + (merges || powerOfTen || based ? ' ' : '') + right;
}

/** The text of an expression. The only brackets added are those that its reading needs. */
export function printText(tree: Tree, style: TextStyle): string {
  const isTyped = style.style === 'typed';
  const print = (t: Tree): string => printText(t, style);
  const node = withBrackets(tree, style.impliedFirst);
  switch (node.kind) {
    case 'number':
      return localNumber(style.grouping === true ? grouped(node.written) : node.written, style.decimalSign);
    case 'based': {
      const digits = localNumber(node.digits, style.decimalSign);
      return isTyped ? typedBased(digits, node.base) : shownBased(digits, node.base, style.grouping === true);
    }
    case 'constant':
      if (node.name === 'inf') return '∞';
      return node.name === 'pi' && !isTyped ? 'π' : node.name;
    case 'letter':
      return node.name;
    case 'group':
      return `(${print(node.of)})`;
    case 'negate':
      return (isTyped ? '-' : '−') + print(node.of);
    case 'binary': {
      const [left, right] = [print(node.left), print(node.right)];
      if (node.op === 'implied') return join(left, right);
      const row = operators[node.op];
      if (isTyped) return left + row.typed + right;
      return node.op === 'over' ? `${left}/${right}` : `${left} ${row.math} ${right}`;
    }
    case 'power': {
      const exponent = node.exponent.kind === 'negate' ? node.exponent.of : node.exponent;
      const isRaised = !isTyped && exponent.kind === 'number' && /^\d+$/.test(exponent.written);
      if (!isRaised) return `${shielded(print(node.base))}^${print(node.exponent)}`;
      const sign = node.exponent.kind === 'negate' ? -1n : 1n;
      return shielded(print(node.base)) + toSuperscript(sign * BigInt(exponent.written));
    }
    case 'postfix':
      return shielded(print(node.of)) + operators[node.op].typed;
    case 'mark':
      return print(node.of) + (node.by === 'sign' ? '°' : ` ${node.unit}`);
    case 'dms': {
      const [d, m] = [localNumber(node.degrees, style.decimalSign), localNumber(node.minutes, style.decimalSign)];
      const seconds = node.seconds === null ? '' : localNumber(node.seconds, style.decimalSign) + (isTyped ? '"' : '″');
      return `${d}°${m}${isTyped ? "'" : '′'}${seconds}`;
    }
    case 'mixed': {
      if (node.whole === null) return vulgarSign(node.n, node.d);
      const whole = node.whole.toString();
      return `${style.grouping === true ? grouped(whole) : whole} ${node.n}/${node.d}`;
    }
    case 'call': {
      const [only] = node.args;
      if (!isTyped && node.fn === 'sqrt' && only !== undefined)
        return only.kind === 'number' && /^\d+$/.test(only.written) ? `√${only.written}` : `√(${print(only)})`;
      return `${node.fn}(${node.args.map(print).join(separatorOf(style))})`;
    }
    case 'matrix': {
      const gap = separatorOf(style);
      const list = (values: readonly Tree[]): string => `[${values.map(print).join(gap)}]`;
      return node.columns === 1 ? list(node.entries) : `[${rowsOf(node).map(list).join(gap)}]`;
    }
    case 'entry':
      return `${print(node.of)}[${node.at.map(print).join(separatorOf(style))}]`;
    case 'relation': {
      const sign = (op: RelationName): string => (isTyped ? operators[op].typed : ` ${operators[op].math} `);
      // A factorial before an equals sign must not run into ≠.
      return node.rest.reduce((left, part) => {
        const gap = left.endsWith('!') && sign(part.op) === '=' ? ' ' : '';
        return left + gap + sign(part.op) + print(part.right);
      }, print(node.first));
    }
    case 'logic':
      return print(node.left) + operators[node.op].typed + print(node.right);
    case 'not':
      return operators.not.typed + print(node.of);
    case 'conversion': {
      const measures = node.measures.map(({ of, unit }) => print(of) + (unit === null ? '' : ` ${unit.text}`));
      return `${measures.join(' ')} to ${node.to.text}`;
    }
    case 'box':
      return '▯';
    default:
      return assertNever(node);
  }
}
