import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'highs', 'pdfkit', 'fontkit', 'pg'],
  poweredByHeader: false,
  devIndicators: false,
  reactStrictMode: true,
  // The first page need not wait for the others to be loaded.
  experimental: { preloadEntriesOnStart: false },
};

export default config;
