/** Opens what the browser offers for printing the page, or for saving it as a PDF; calls when that is over. */
export function printPage(done: () => void): void {
  const over = (): void => {
    window.removeEventListener('afterprint', over);
    done();
  };
  window.addEventListener('afterprint', over);
  // Formulas are set in a font of their own.
  void document.fonts.ready.then(() => window.print());
}
