import { createElement, Fragment, type ReactNode } from 'react';

/** A whole sentence some of whose pieces are drawn, as a bold figure or a link: pieces`It is ${<b>3</b>} now`. */
export function pieces(texts: TemplateStringsArray, ...drawn: ReactNode[]): ReactNode {
  return createElement(Fragment, null, ...texts.flatMap((text, i) => [text, drawn[i]]));
}
