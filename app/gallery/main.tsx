import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import '../ui/styles.css';
import { Gallery } from './Gallery.tsx';

const root = document.getElementById('root');
if (root === null) throw new Error('no root');
const appearance = new URLSearchParams(window.location.search).get('appearance');
if (appearance !== null) document.documentElement.dataset['appearance'] = appearance;
createRoot(root).render(
  <StrictMode>
    <Gallery />
  </StrictMode>,
);
