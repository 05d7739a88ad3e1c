import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig, type Plugin } from 'vite';
import { chunkOf } from './chunks.js';
import { writeFonts } from './fonts.js';

/**
 * Packages that went into the bundle, the workers' too, by where they lie: what ships must be in the notices (bin/licences.mjs). Tailwind's base styles are
 * written into the style sheet and are no module of it.
 */
const packages = new Set(['node_modules/tailwindcss']);
const noted = (): Plugin => ({
  name: 'hobrek:packages',
  generateBundle(_, bundle) {
    for (const chunk of Object.values(bundle)) {
      const modules = chunk.type === 'chunk' ? Object.keys(chunk.modules) : chunk.originalFileNames;
      for (const module of modules) {
        const path = /.*(?<=\/|^)(node_modules\/(?:@[^/]+\/)?[^/]+)/.exec(module.replaceAll('\\', '/'));
        if (path?.[1]) packages.add(module.slice(module.indexOf('node_modules/'), module.lastIndexOf(path[1]) + path[1].length));
      }
    }
  },
});
const written = (): Plugin => ({
  name: 'hobrek:packages-written',
  apply: 'build',
  generateBundle() {
    this.emitFile({ type: 'asset', fileName: '.packages.json', source: JSON.stringify([...packages].sort(), null, 2) });
  },
});

/** Texts smaller than this are not worth packing, bytes. */
const leastPacked = 1_000;

/** Beside every text of the bundle the same packed, once for all who ask for it. */
const packed = (): Plugin => ({
  name: 'hobrek:packed',
  apply: 'build',
  writeBundle({ dir }, bundle) {
    for (const [name, file] of Object.entries(bundle)) {
      const text = Buffer.from(file.type === 'chunk' ? file.code : file.source);
      if (!/\.(js|css|svg|html|json)$/.test(name) || name.startsWith('.') || text.length < leastPacked) continue;
      const path = join(dir ?? '', name);
      writeFileSync(`${path}.br`, brotliCompressSync(text));
      writeFileSync(`${path}.gz`, gzipSync(text, { level: 9 }));
    }
  },
});

/** Written before anything is resolved: the style sheet names them. */
const fonts = (): Plugin => ({ name: 'hobrek:fonts', config: () => writeFonts(fileURLToPath(new URL('.cache/fonts', import.meta.url))) });

export default defineConfig({
  plugins: [fonts(), react(), tailwindcss(), noted(), written(), packed()],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  worker: { format: 'es', plugins: () => [noted()] },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          includeDependenciesRecursively: false,
          groups: [{ debugName: 'pages', name: chunkOf(fileURLToPath(new URL('src/main.tsx', import.meta.url))) }],
        },
      },
    },
  },
  server: { host: '127.0.0.1', port: 5173, strictPort: true, proxy: { '/api': { target: `http://127.0.0.1:${process.env.HOBREK_PORT ?? 4310}` } } },
});
