import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import './base.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp } from 'antd';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { Problem } from './api/client';
import { App, ready } from './App';
import { applyPalette } from './theme';
import { keepFocus, regainFocus } from './shell/keptFocus';
import { Themed } from './Themed';

applyPalette(document.documentElement);
keepFocus(document);
regainFocus(document);

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      // Without a network a device may answer from what it keeps.
      networkMode: 'always',
      retry: (failures, error) => failures < 2 && error instanceof Problem && error.status === 0,
    },
    mutations: { networkMode: 'always' },
  },
});

await ready(queries, window.location.pathname);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <Themed>
        <BrowserRouter>
          <AntApp message={{ maxCount: 3 }}>
            <App />
          </AntApp>
        </BrowserRouter>
      </Themed>
    </QueryClientProvider>
  </StrictMode>,
);
