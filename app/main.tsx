import './configureZod.ts';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App.tsx';
import { startClock } from './clock/index.ts';
import { startAppearance } from './ui/appearance.ts';
import './ui/styles.css';
import { resumeRehearsal } from './rehearsal/kept.ts';
import { watchForUpdates } from './shell/update.ts';

startAppearance();
startClock();
resumeRehearsal();
watchForUpdates();
const root = document.getElementById('root');
if (root !== null)
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
