import type { Layout } from './layout';
import { latexSigns } from './latex-signs';

/** The values of a layout as LaTeX; `isSum` as for MathML. */
export type LatexPage = Readonly<{ value: (slot: number) => string; isSum: (slot: number) => boolean }>;

const signText = (text: string): string => latexSigns[text] ?? text;

/** A layout in LaTeX's mathematics (amsmath). */
export function latexOf(layout: Layout, page: LatexPage): string {
  const print = (part: Layout): string => latexOf(part, page);
  switch (layout.kind) {
    case 'slot': {
      const text = page.value(layout.slot);
      return layout.as === 'term' && page.isSum(layout.slot) ? `\\left(${text}\\right)` : text;
    }
    case 'again':
      return page.value(layout.slot);
    case 'name':
      return layout.text === 'd' ? '\\mathrm{d}' : layout.text.length === 1 ? layout.text : `\\${layout.text}`;
    case 'digits':
      return layout.text;
    case 'sign':
      return signText(layout.text);
    case 'word':
      return `\\text{${layout.text}}`;
    case 'gap':
      return '\\,';
    case 'row':
      return layout.parts.map(print).join('');
    case 'fences':
      return `\\left${signText(layout.open)}${print(layout.of)}\\right${signText(layout.close)}`;
    case 'fraction':
      return `\\frac{${print(layout.above)}}{${print(layout.below)}}`;
    case 'root':
      return `\\sqrt${layout.index === null ? '' : `[${print(layout.index)}]`}{${print(layout.of)}}`;
    case 'over':
      return `\\overline{${print(layout.of)}}`;
    case 'big':
      return `${signText(layout.sign)}_{${print(layout.below)}}^{${print(layout.above)}} `;
    case 'lowered':
      return `${print(layout.base)}_{${print(layout.by)}}`;
    case 'raised':
      return `${print(layout.base)}^{${print(layout.by)}}`;
    case 'placed':
      return `\\left.${print(layout.of)}\\right|_{${print(layout.at)}}`;
    case 'grid': {
      const rows = layout.rows.map((cells) => cells.map(print).join(' & '));
      return `\\begin{bmatrix}${rows.join(' \\\\ ')}\\end{bmatrix}`;
    }
    case 'branches': {
      const rows = layout.rows.map(({ value, when }) => `${print(value)} & ${print(when)}`);
      return `\\begin{cases}${rows.join(' \\\\ ')}\\end{cases}`;
    }
  }
}
