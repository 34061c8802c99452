import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/figtree/index.css';
import '../design/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { applyTokens } from '../design/tokens';
import { Providers } from './Providers';
import { Routed } from './Routed';

applyTokens(document.documentElement);
// The service worker keeps the app itself on the device; only the built app has one.
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  void navigator.serviceWorker.register('/sw.js');
}

const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <Providers>
        <Routed />
      </Providers>
    </StrictMode>,
  );
}
