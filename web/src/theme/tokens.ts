/** The one place colours, sizes and faces are decided; Ant Design and our own styles both read it. */
export const TOKENS = {
  background: '#F3F6F5',
  surface: '#FFFFFF',
  ink: '#12211C',
  inkQuiet: '#47584F',
  spruce: '#0F5C4C',
  spruceWash: '#E3EFEB',
  aster: '#6B4A9B',
  asterWash: '#EFEAF6',
  chokecherry: '#A5173F',
  cherryWash: '#F8E6EB',
  larch: '#8A5700',
  larchWash: '#FBF1DD',
  bark: '#6E4B2A',
  barkWash: '#F3EBE2',
  line: '#D5DEDA',
  lineStrong: '#9FB0A8',
  serif: '"Source Serif 4 Variable", Georgia, serif',
  sans: '"Atkinson Hyperlegible Next Variable", "Segoe UI", sans-serif',
} as const;

const dashed = (name: string): string => name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);

/** Hands the tokens to the style sheets as custom properties. */
export function applyTokens(root: HTMLElement): void {
  for (const [name, value] of Object.entries(TOKENS)) root.style.setProperty(`--${dashed(name)}`, value);
}
