import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Mono samples from −1 to 1 as a 16 bit WAV file: what the browser plays as its microphone. */
export function writeWav(file: string, samples: Float32Array, sampleRateHz: number): void {
  const data = Buffer.alloc(2 * samples.length);
  samples.forEach((sample, i) => {
    data.writeInt16LE(Math.round(32_767 * Math.max(-1, Math.min(1, sample))), 2 * i);
  });
  const head = Buffer.alloc(44);
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + data.length, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(sampleRateHz, 24);
  head.writeUInt32LE(2 * sampleRateHz, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write('data', 36);
  head.writeUInt32LE(data.length, 40);
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, Buffer.concat([head, data]));
}
