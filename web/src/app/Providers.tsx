import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { Notes } from '../design/page/Notes';
import { useState, type ReactNode } from 'react';
import { BrowserRouter } from 'react-router';
import { ProblemError } from '../api/client';
import { meKey } from '../api/session';
import { themeFor } from '../design/theme';
import { useFloor, useStill } from '../design/page/useMedia';

/** An ended session shows at the first refused request: ask again who is signed in. */
function makeClient(): QueryClient {
  const client: QueryClient = new QueryClient({
    queryCache: new QueryCache({
      onError: (error) => {
        if (error instanceof ProblemError && error.problem.status === 401) {
          void client.invalidateQueries({ queryKey: meKey });
        }
      },
    }),
    defaultOptions: {
      mutations: { networkMode: 'always' },
      // The service worker answers while the network is away, so asking is always worth it.
      queries: {
        networkMode: 'always',
        staleTime: 10_000,
        retry: (count, error) => !(error instanceof ProblemError) && count < 2,
      },
    },
  });
  return client;
}

export function Providers({ children }: { children: ReactNode }) {
  const [client] = useState(makeClient);
  const look = themeFor(useFloor(), useStill());
  return (
    <QueryClientProvider client={client}>
      {/* Our lists are short: a window over them would hide most options from a screen reader. */}
      <ConfigProvider theme={look} virtual={false}>
        <Notes>
          <BrowserRouter>{children}</BrowserRouter>
        </Notes>
      </ConfigProvider>
    </QueryClientProvider>
  );
}
