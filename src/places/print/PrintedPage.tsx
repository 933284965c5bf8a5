import { useEffect, useRef } from 'react';
import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { afterPaint } from '@/platform/paint';
import { printPage } from '@/platform/print';
import { words } from '@/text/labels';

/** What is to be printed: its heading, and what stands below it on paper. */
export type Printed = Readonly<{ title: string; content: ReactNode }>;

/** Puts something on paper: beside the page, which is not printed meanwhile; then it goes away again. */
export function PrintedPage({ printed, onDone }: Readonly<{ printed: Printed; onDone: () => void }>) {
  const done = useRef(onDone);
  useEffect(() => {
    done.current = onDone;
  });
  useEffect(() => afterPaint(() => printPage(() => done.current())), []);
  return createPortal(
    <div className="printed" aria-hidden>
      <h1>{printed.title}</h1>
      {printed.content}
      <p className="printed-by">{words.product}</p>
    </div>,
    document.body,
  );
}
