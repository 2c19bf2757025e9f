export { THEME, styleNonce } from './antd.ts';
export { applyTokens } from './tokens.ts';
