/** Calls back when the page is about to be hidden or closed: the last moment to keep things. */
export function onPageHide(call: () => void): () => void {
  const whenHidden = () => {
    if (document.visibilityState === 'hidden') call();
  };
  window.addEventListener('pagehide', call);
  document.addEventListener('visibilitychange', whenHidden);
  return () => {
    window.removeEventListener('pagehide', call);
    document.removeEventListener('visibilitychange', whenHidden);
  };
}

/** The notebook that the server offers to an empty store (only a demo server has one). */
export async function offeredNotebook(): Promise<string | null> {
  try {
    const response = await fetch('/demo-notebook.json');
    return response.status === 200 ? await response.text() : null;
  } catch {
    return null;
  }
}

/** The address of this page with a fragment. */
export const linkWith = (fragment: string): string =>
  `${window.location.origin}${window.location.pathname}#${fragment}`;

/** The fragment of the address; the router takes it out, so that a reload does not open it again. */
export const fragmentNow = (): string => window.location.hash.slice(1);

/** Calls when the fragment changes: a link was opened in the page as it stands. */
export function onFragment(call: () => void): () => void {
  window.addEventListener('hashchange', call);
  return () => window.removeEventListener('hashchange', call);
}

export function titlePage(title: string): void {
  document.title = title;
}

const CONTRAST = '(prefers-contrast: more)';

/** Whether the device asks for strong contrast. */
export const wantsContrast = (): boolean => window.matchMedia(CONTRAST).matches;

/** Calls when that changes; answers how to stop it. */
export function onContrast(call: () => void): () => void {
  const query = window.matchMedia(CONTRAST);
  query.addEventListener('change', call);
  return () => query.removeEventListener('change', call);
}

/** What the browser draws itself follows the theme: its bars, its scroll bars, and the ground beyond the page. */
export function showTheme(color: string, isDark: boolean): void {
  for (const meta of document.querySelectorAll('meta[name="theme-color"]')) meta.setAttribute('content', color);
  document.documentElement.style.colorScheme = isDark ? 'dark' : 'light';
  document.body.style.background = color;
}

/** Text as large as is asked for; keys, whose width is given, grow less. */
export function scaleText(factor: number): void {
  const { style, dataset } = document.documentElement;
  if (factor === 1) delete dataset['text'];
  else dataset['text'] = 'scaled';
  style.setProperty('--text', `${factor}`);
  style.setProperty('--key-text', `${Math.min(factor, 1.25)}`);
}
