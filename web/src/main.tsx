import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/fraunces/wght.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { registerSW } from 'virtual:pwa-register';
import { App } from './App';

/** A new version waits while a session is open: its steps stay the ones that were begun with. */
const inSession = () => /\/(session|practice)$/.test(window.location.pathname);

const update = registerSW({
  onNeedRefresh: () => {
    if (!inSession()) void update(true);
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
