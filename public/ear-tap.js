/** Hands the sound of a microphone over in pieces; what is in it is heard elsewhere, and nothing is kept. */
const PIECE = 1024;

class EarTap extends AudioWorkletProcessor {
  constructor() {
    super();
    this.piece = new Float32Array(PIECE);
    this.filled = 0;
  }

  process(inputs) {
    const samples = inputs[0]?.[0];
    if (!samples) return true;
    for (const sample of samples) {
      this.piece[this.filled] = sample;
      this.filled += 1;
      if (this.filled < PIECE) continue;
      this.port.postMessage(this.piece, [this.piece.buffer]);
      this.piece = new Float32Array(PIECE);
      this.filled = 0;
    }
    return true;
  }
}

registerProcessor('ear-tap', EarTap);
