import './theme/style-nonce';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App, ready } from './app/App';

const root = document.getElementById('root');
if (!root) throw new Error('main: expected an element #root in index.html');
void ready.then(() =>
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);
// The page itself is kept too, so that it loads while the server is away.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
