export { THEME, giveStylesTheNonce, styleNonce } from './antd.ts';
export { applyTokens } from './tokens.ts';
