import type { ReactNode, Ref } from 'react';

/** Something wider than its place: it scrolls sideways by touch, and by arrow keys once it has the focus. */
export function SideScroll(props: {
  label: string;
  className?: string;
  ref?: Ref<HTMLDivElement>;
  children: ReactNode;
}) {
  const { label, className = '', ref, children } = props;
  return (
    <div
      ref={ref}
      role="group"
      aria-label={label}
      tabIndex={0}
      className={`overflow-x-auto ${className}`}
    >
      {children}
    </div>
  );
}
