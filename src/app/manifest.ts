import type { MetadataRoute } from 'next';

/** So that a browser can put Oskil beside the other programs of a computer. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Oskil',
    short_name: 'Oskil',
    description: 'Seated group hand and wrist classes: plan, teach, write up.',
    start_url: '/',
    display: 'standalone',
    background_color: '#f4eee2',
    theme_color: '#f4eee2',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
  };
}
