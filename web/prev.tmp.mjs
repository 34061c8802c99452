import { build, preview } from 'vite';
const minify = process.argv[2] === 'min';
await build({ logLevel:'error', build: { outDir: '/tmp/wb2', emptyOutDir: true, minify: minify ? undefined : false, manifest: true, assetsInlineLimit: 0 } });
const s = await preview({ build: { outDir: '/tmp/wb2' }, preview: { port: 9100, host: '127.0.0.1', proxy: { '/api': { target: 'http://127.0.0.1:8080', changeOrigin: true } } } });
console.log('ready', s.resolvedUrls?.local);
