/** Signs of layouts that LaTeX writes as commands. Apart from the printer, since readers need them without it. */
export const latexSigns: Readonly<Record<string, string>> = {
  '∑': '\\sum',
  '∏': '\\prod',
  '∫': '\\int',
  '⌊': '\\lfloor ',
  '⌋': '\\rfloor ',
  '⌈': '\\lceil ',
  '⌉': '\\rceil ',
  '{': '\\{',
  '‖': '\\|',
  '⊤': '\\top ',
};
