import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import ConfigProvider from 'antd/es/config-provider';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { isUnreached } from '../api/index.ts';
import { applyTokens, giveStylesTheNonce, styleNonce, THEME } from '../theme/index.ts';
import 'virtual:control-styles.css';
import '../theme/fonts.ts';
import '../theme/base.css';
import './app.css';
import { openRouter } from './router.tsx';

applyTokens(document.documentElement);
giveStylesTheNonce();

const queries = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 15_000, retry: (count, error) => isUnreached(error) && count < 2 },
    mutations: { retry: false },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root');
/** Draws the place that the router has gone to. */
function draw(on: HTMLElement, router: ReturnType<typeof openRouter>): void {
  createRoot(on).render(
    <ConfigProvider theme={THEME} csp={{ nonce: styleNonce() }}>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ConfigProvider>,
  );
}

// Evaluating the code, asking for the rest of it and drawing are tasks of their own, so that none holds the page up.
setTimeout(() => {
  const router = openRouter();
  setTimeout(draw, 0, root, router);
});
