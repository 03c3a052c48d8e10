import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'highs', 'pdfkit', 'fontkit', 'pg'],
  poweredByHeader: false,
  devIndicators: false,
  reactStrictMode: true,
  // `npm run types` looks at these, of tests and scripts too.
  typescript: { ignoreBuildErrors: true },
  // Pictures are ours, drawn or small: nothing makes others of them, and no route for it is open.
  images: { unoptimized: true },
  experimental: {
    // The first page need not wait for the others to be loaded.
    preloadEntriesOnStart: false,
    // Pages take no bodies; routes read theirs once they know who asks.
    proxyClientMaxBodySize: '16kb',
  },
};

export default config;
