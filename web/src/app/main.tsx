import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/figtree/index.css';
import '../design/base.css';
import { startTransition, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { makeQueryClient } from '../api/queryClient';
import { applyTokens } from '../design/tokens';
import { firstAnswers } from './firstAnswers';
import { Providers } from './Providers';
import { Routed } from './Routed';

applyTokens(document.documentElement);
// The service worker keeps the app itself on the device; only the built app has one.
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  void navigator.serviceWorker.register('/sw.js');
}

const client = makeQueryClient();
firstAnswers(client, window.location.pathname);
const root = document.getElementById('root');
if (root !== null) {
  // As a transition React works in small pieces: a slow phone answers to a thumb meanwhile.
  startTransition(() =>
    createRoot(root).render(
      <StrictMode>
        <Providers client={client}>
          <Routed />
        </Providers>
      </StrictMode>,
    ),
  );
}
