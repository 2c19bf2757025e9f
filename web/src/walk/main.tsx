import { createRoot } from 'react-dom/client';
import ConfigProvider from 'antd/es/config-provider';
import { THEME, styleNonce } from '../theme/antd.ts';
import { applyTokens } from '../theme/tokens.ts';
import 'virtual:control-styles.css';
import '../theme/fonts.ts';
import '../theme/base.css';
import './walk.css';
import { WalkApp } from './WalkApp.tsx';

applyTokens(document.documentElement);

if ('serviceWorker' in navigator) {
  void navigator.serviceWorker.register('/walk/sw.js', { scope: '/walk/' }).catch(() => undefined);
}

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root');
createRoot(root).render(
  <ConfigProvider theme={THEME} csp={{ nonce: styleNonce() }}>
    <WalkApp />
  </ConfigProvider>,
);
