/** Whether a text looks like LaTeX rather than like typed text. */
export const looksLikeLatex = (text: string): boolean => /\\[A-Za-z]{2,}|\\[,;!]|[_^]\{/.test(text);

/** Whether a text holds MathML. */
export const looksLikeMathml = (text: string): boolean => /<(?:\w+:)?math[\s>]/.test(text);
