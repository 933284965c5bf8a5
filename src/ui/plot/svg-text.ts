import type { ReactElement } from 'react';
import { createRoot } from 'react-dom/client';
import { flushSync } from 'react-dom';

const SVG = 'http://www.w3.org/2000/svg';

/** What XML 1.0 (2.2) allows no document to hold, such as control characters, is left out. */
const FORBIDDEN =
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

const sizeOf = (svg: Element, side: 'width' | 'height'): number => Number(svg.getAttribute(side) ?? 0);

/** Drawings as one on a ground of one colour, each below the one before. */
function stacked(parts: readonly Element[], ground: string): Element {
  const whole = document.createElementNS(SVG, 'svg');
  const paper = document.createElementNS(SVG, 'rect');
  whole.append(paper);
  let below = 0;
  for (const part of parts) {
    part.setAttribute('y', String(below));
    below += sizeOf(part, 'height');
    whole.append(part);
  }
  const width = Math.max(...parts.map((part) => sizeOf(part, 'width')));
  for (const element of [whole, paper]) {
    element.setAttribute('width', String(width));
    element.setAttribute('height', String(below));
  }
  paper.setAttribute('fill', ground);
  whole.setAttribute('viewBox', `0 0 ${width} ${below}`);
  return whole;
}

/**
 * A drawing as a document by itself (SVG 1.1), rendered apart from the page by the components that the screen shows.
 * Where it is made of several, they stand below each other on the ground; those that hold nothing are left out.
 */
export function svgText(drawing: ReactElement, ground: string): string {
  const host = document.createElement('div');
  const root = createRoot(host);
  try {
    flushSync(() => root.render(drawing));
    const parts = [...host.querySelectorAll('svg')]
      .filter((svg) => svg.querySelector('path, rect, text') !== null)
      .map((svg) => svg.cloneNode(true) as Element);
    const [only, ...others] = parts;
    if (only === undefined) throw new Error('The drawing holds nothing.');
    const whole = others.length === 0 ? only : stacked(parts, ground);
    return new XMLSerializer().serializeToString(whole).replace(FORBIDDEN, '');
  } finally {
    root.unmount();
  }
}
