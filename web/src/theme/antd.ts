import type { ThemeConfig } from 'antd/es/config-provider';
import { TOKENS } from './tokens.ts';

/** The class that carries the variables of a control. */
export const CONTROLS_KEY = 'hurrow-controls';

/** Ant Design on our tokens. Its styles are written into a style sheet by the build, not by the browser that draws a page. */
export const THEME: ThemeConfig = {
  hashed: false,
  cssVar: { key: CONTROLS_KEY },
  zeroRuntime: true,
  token: {
    colorPrimary: TOKENS.spruce,
    colorInfo: TOKENS.spruce,
    // What is worked out from so dark a color is a gray that nobody wants behind a sentence.
    colorInfoBg: '#EEF4F1',
    colorLink: TOKENS.spruce,
    colorError: TOKENS.chokecherry,
    colorWarning: TOKENS.larch,
    colorSuccess: TOKENS.spruce,
    colorSuccessBg: TOKENS.spruceWash,
    colorSuccessBorder: TOKENS.spruce,
    colorText: TOKENS.ink,
    colorTextSecondary: TOKENS.inkQuiet,
    colorTextTertiary: TOKENS.inkQuiet,
    colorTextDescription: TOKENS.inkQuiet,
    colorTextPlaceholder: '#62716A',
    colorBgLayout: TOKENS.background,
    colorBorder: TOKENS.lineStrong,
    colorBorderSecondary: TOKENS.line,
    fontFamily: TOKENS.sans,
    fontSize: 14,
    borderRadius: 4,
    controlHeight: 30,
    wireframe: false,
    motion: false,
  },
  components: {
    Table: {
      cellPaddingBlockSM: 6,
      cellPaddingInlineSM: 8,
      headerBg: TOKENS.background,
      headerColor: TOKENS.ink,
    },
    Button: { primaryShadow: 'none', defaultShadow: 'none' },
  },
};

/** The nonce the page came with, for the styles Ant Design writes. */
export const styleNonce = (): string =>
  document.querySelector('meta[name="style-nonce"]')?.getAttribute('content') ?? '';

/**
 * Gives every style element that this page makes the nonce of the page. Controls write a few styles without asking for one, such
 * as the probe that measures scroll bars, and the policy would refuse them with a complaint each time.
 */
export function giveStylesTheNonce(): void {
  const make = document.createElement.bind(document);
  document.createElement = ((tag: string, options?: ElementCreationOptions) => {
    const made = make(tag, options);
    if (made instanceof HTMLStyleElement) made.nonce = styleNonce();
    return made;
  }) as typeof document.createElement;
}
