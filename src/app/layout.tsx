import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Shell } from '../features/shell/Shell';
import { THEME_SCRIPT } from '../ui/preferences';
import { ICON_DATA_URL } from './signIcon';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Open Trail', template: '%s · Open Trail' },
  description:
    'Plans a light carry kit of stones, files and strops, guides and logs edge touch-ups for axes, machetes and knives.',
  icons: { icon: ICON_DATA_URL },
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: '#17342a',
};

/** The browser takes a while to bring up a long log's storage: it does so while the scripts load. */
const WAKE_STORAGE_SCRIPT = `try{indexedDB.databases().catch(function(){})}catch(e){}`;

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" data-theme="day" suppressHydrationWarning>
      <head>
        <script dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
        <script dangerouslySetInnerHTML={{ __html: WAKE_STORAGE_SCRIPT }} />
      </head>
      <body>
        <Shell>{children}</Shell>
      </body>
    </html>
  );
}
