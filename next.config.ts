import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'highs', 'pdfkit', 'fontkit', 'pg'],
  poweredByHeader: false,
  devIndicators: false,
  reactStrictMode: true,
};

export default config;
