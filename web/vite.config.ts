import { resolve } from 'node:path';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { staticStyles } from './staticStyles.ts';

/** The student's walk works offline: its page, scripts, styles and fonts are kept by a worker of scope `/walk/`. */
const offlineWalk = VitePWA({
  registerType: 'autoUpdate',
  injectRegister: false,
  scope: '/walk/',
  base: '/walk/',
  manifest: {
    name: 'Hurrow walk',
    short_name: 'Hurrow',
    start_url: '/walk/',
    scope: '/walk/',
    display: 'standalone',
    background_color: '#F3F6F5',
    theme_color: '#0F5C4C',
  },
  workbox: {
    globPatterns: ['**/*.{js,css,html,woff2}'],
    navigateFallback: '/walk/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: true,
  },
});

/** The controls each entry uses, with those they draw within themselves. */
const CONTROLS = {
  walk: ['Button'],
  app: [
    ...['Alert', 'Button', 'Checkbox', 'Col', 'DatePicker', 'Drawer', 'Dropdown', 'Empty', 'Form', 'Input'],
    ...['InputNumber', 'Menu', 'Modal', 'Pagination', 'Popconfirm', 'Popover', 'Progress', 'Radio', 'Row'],
    ...[
      'Segmented',
      'Select',
      'Skeleton',
      'Space',
      'Spin',
      'Switch',
      'Table',
      'Tooltip',
      'Tree',
      'Typography',
    ],
  ],
} as const;

/** Two builds by mode: `app` for the instructor and `walk` for the student's phone. */
export default defineConfig(({ mode }) => {
  const walk = mode === 'walk';
  const entry = walk ? 'walk' : 'app';
  return {
    root: resolve(import.meta.dirname, entry),
    base: walk ? '/walk/' : '/',
    plugins: [react(), staticStyles(CONTROLS[entry]), ...(walk ? [offlineWalk] : [])],
    build: {
      outDir: resolve(import.meta.dirname, 'dist', entry),
      emptyOutDir: true,
      assetsInlineLimit: 0,
      target: 'es2022',
      chunkSizeWarningLimit: 2000,
      manifest: true,
    },
  };
});
