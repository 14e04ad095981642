/** A sign's arm with a keen edge: drawn once, used in the head and, as files, in the manifest. */
const ICON_SVG =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 64 64"><rect width="64" height="64" fill="#17342a"/><path d="M10 18H44L56 30L44 42H10Z" fill="#e3e8e4"/><path d="M10 30H56" stroke="#17342a" stroke-width="2.5"/><path d="M24 42V58" stroke="#b9a98a" stroke-width="6"/></svg>';

export const ICON_DATA_URL = `data:image/svg+xml,${encodeURIComponent(ICON_SVG)}`;
