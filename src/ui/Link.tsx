import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/** A link to another screen. Every screen is kept on the machine: none is fetched ahead of its click. */
export default function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
