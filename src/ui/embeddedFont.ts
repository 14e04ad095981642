/** The family that files are drawn in, beside the screens. */
const FAMILY = 'Archivo Variable';

/**
 * The shipped font as a CSS rule that carries it within, for files that are opened elsewhere; empty where it
 * cannot be read.
 */
export async function embeddedFont(): Promise<string> {
  try {
    const face = faceRules().find(isLatin);
    const url = /url\(["']?([^"')]+)/.exec(face?.style.getPropertyValue('src') ?? '')?.[1];
    if (!url) return '';
    const file = await fetch(new URL(url, face!.parentStyleSheet?.href ?? location.href));
    const data = base64(new Uint8Array(await file.arrayBuffer()));
    return `@font-face{font-family:'Archivo';font-weight:100 900;src:url(data:font/woff2;base64,${data}) format('woff2')}`;
  } catch {
    return '';
  }
}

function faceRules(): CSSFontFaceRule[] {
  return [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => rule instanceof CSSFontFaceRule)
    .filter(({ style }) => style.getPropertyValue('font-family').includes(FAMILY));
}

/** The face of Latin letters: it begins at the first of all ranges. */
function isLatin({ style }: CSSFontFaceRule): boolean {
  return /U\+0+-|U\+0000/i.test(style.getPropertyValue('unicode-range'));
}

function base64(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}
