/** A picture as it is measured on. */
export interface Picture {
  url: string;
  width: number;
  height: number;
}

/** The made-up photo: so many pixels a millimetre, a knife of this edge and bevel, a coin, and a chip. */
const MADE_UP = {
  pxPerMm: 12,
  edgeMm: 95,
  bevelMm: 7,
  coinMm: 24,
  chipMm: 0.5,
  chipAtMm: 52,
};

const WIDTH = 1500;
const HEIGHT = 1000;
const EDGE = { x: 180, y: 620 };

/** A photo that nobody took, of a knife and a coin from straight above, to try the taps on. */
export function madeUpPhoto(): Picture {
  const { pxPerMm, edgeMm, bevelMm, coinMm, chipMm, chipAtMm } = MADE_UP;
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [WIDTH, HEIGHT];
  const pen = canvas.getContext('2d')!;
  pen.fillStyle = '#8a7355';
  pen.fillRect(0, 0, WIDTH, HEIGHT);
  const tip = EDGE.x + edgeMm * pxPerMm;
  const back = EDGE.y - 20 * pxPerMm;
  pen.fillStyle = '#9aa3a8';
  pen.beginPath();
  pen.moveTo(EDGE.x, EDGE.y);
  const chipX = EDGE.x + chipAtMm * pxPerMm;
  pen.lineTo(chipX - 8, EDGE.y);
  pen.lineTo(chipX, EDGE.y - chipMm * pxPerMm);
  pen.lineTo(chipX + 8, EDGE.y);
  pen.lineTo(tip, EDGE.y);
  pen.lineTo(tip - 60, back);
  pen.lineTo(EDGE.x, back);
  pen.fill();
  pen.fillStyle = '#d7dcdf';
  pen.fillRect(EDGE.x, EDGE.y - bevelMm * pxPerMm, chipX - 20 - EDGE.x, bevelMm * pxPerMm);
  pen.fillRect(chipX + 20, EDGE.y - bevelMm * pxPerMm, tip - 30 - chipX - 20, bevelMm * pxPerMm);
  pen.fillStyle = '#b5742f';
  pen.beginPath();
  pen.arc(EDGE.x + 200, EDGE.y + 200, (coinMm / 2) * pxPerMm, 0, 2 * Math.PI);
  pen.fill();
  return { url: canvas.toDataURL('image/png'), width: WIDTH, height: HEIGHT };
}

/** A file as a picture; throws where the browser cannot read it as one. */
export async function pictureOf(file: Blob): Promise<Picture> {
  const url = URL.createObjectURL(file);
  const image = new Image();
  image.src = url;
  try {
    await image.decode();
  } catch (error) {
    URL.revokeObjectURL(url);
    throw error;
  }
  return { url, width: image.naturalWidth, height: image.naturalHeight };
}
