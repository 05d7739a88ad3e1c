import './styles.css';
import './shared/preferences.js';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App, fetchFirst } from './app/app.js';

void fetchFirst().then(() =>
  createRoot(document.getElementById('root') as HTMLElement).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);
