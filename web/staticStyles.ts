import { createElement } from 'react';
import type { ReactNode } from 'react';
import { extractStyle } from '@ant-design/static-style-extract';
import { ConfigProvider } from 'antd';
import type { Plugin } from 'vite';
import { CONTROLS_KEY, THEME } from './src/theme/antd.ts';

const NAME = 'virtual:control-styles.css';
const STYLE_OF = /\/antd\/es\/([a-z-]+)\/style\/index\.js$/;
/** The icons' own styles, which every page computes: they are a few lines. */
const COMPUTED = new Set(['config-provider']);

/** The name Ant Design exports a folder's component by; the folder of rows and columns has no component of its own name. */
const componentOf = (folder: string): string =>
  folder === 'grid'
    ? 'Row'
    : folder.replace(/(^|-)([a-z])/g, (_, __, letter: string) => letter.toUpperCase());

const LINKS = /(?<=[}>]|^)a(?:[:[][^{}]*)?(?=\{)/g;
/** Variables of controls that were drawn outside our theme. */
const NOT_OURS = /\.css-var-_R_[^{}]*\{[^{}]*\}/g;

/** Keeps what Ant Design says of links to those within its controls: the others are ours to draw. */
const withinControls = (css: string): string =>
  css.replaceAll(LINKS, (selectors) =>
    selectors
      .split(',')
      .map((one) => `:where(.${CONTROLS_KEY}) ${one}`)
      .join(','),
  );

const written = (components: readonly string[]): string =>
  extractStyle({
    includes: [...components],
    customTheme: (node: ReactNode) =>
      createElement(ConfigProvider, { theme: { ...THEME, zeroRuntime: false } }, node),
  }).replaceAll(/<\/?style[^>]*>/g, '');

/**
 * Writes the styles of Ant Design's controls into a style sheet when the application is built, so that no browser computes them.
 * @param components The controls an entry uses, with those they draw within themselves. The build ends where one is missing.
 */
export function staticStyles(components: readonly string[]): Plugin {
  return {
    name: 'static-styles',
    resolveId: (id) => (id === NAME ? `\0${NAME}` : null),
    load: (id) => (id === `\0${NAME}` ? withinControls(written(components).replaceAll(NOT_OURS, '')) : null),
    generateBundle(_, bundle) {
      const drawn = Object.values(bundle)
        .flatMap((part) => (part.type === 'chunk' ? Object.entries(part.modules) : []))
        .filter(([, module]) => module.renderedLength > 0)
        .flatMap(([path]) => STYLE_OF.exec(path)?.[1] ?? []);
      const wanted = new Set(drawn.filter((f) => !COMPUTED.has(f)).map(componentOf));
      const missing = [...wanted].filter((name) => !components.includes(name));
      if (missing.length > 0) this.error(`No styles are written for ${missing.join(', ')}.`);
    },
  };
}
