import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** The gallery of parts is a page by itself: the built application doesn't have it. `npm run gallery` shows it while it is worked on. */
export default defineConfig({ root: 'app/gallery', plugins: [react(), tailwindcss()] });
