import type { MetadataRoute } from 'next';

export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Open Trail',
    short_name: 'Open Trail',
    description: 'A light sharpening kit, guided touch-ups and their log.',
    start_url: '/',
    display: 'standalone',
    background_color: '#e3e8e4',
    theme_color: '#17342a',
    icons: [
      { src: '/icons/sign.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icons/sign-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/sign-512.png', sizes: '512x512', type: 'image/png' },
    ],
  };
}
