import './theme/fonts';
import './theme/low.css';
import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { outOfDate } from './api/outOfDate';
import { persistOptions, queryClient } from './api/queryClient';
import { startWorker } from './offline/worker';
import { router } from './shell/router';
import { system } from './theme/system';
import { speak } from './words/language';

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: 'cr', nonce });

speak(document.documentElement.lang).then(() =>
  createRoot(document.getElementById('root') as HTMLElement).render(
    <StrictMode>
      <CacheProvider value={styles}>
        <ChakraProvider value={system}>
          <PersistQueryClientProvider
            client={queryClient}
            persistOptions={persistOptions}
            onSuccess={() => outOfDate(queryClient)}
          >
            <RouterProvider router={router} />
          </PersistQueryClientProvider>
        </ChakraProvider>
      </CacheProvider>
    </StrictMode>,
  ),
);
startWorker();
