/* global AudioWorkletProcessor, registerProcessor */
const PIECE = 1024;

/** Hands on what the microphone hears, in pieces, as it is. */
class Capture extends AudioWorkletProcessor {
  constructor() {
    super();
    this.piece = new Float32Array(PIECE);
    this.at = 0;
  }

  process([[channel]]) {
    if (channel) {
      for (const sample of channel) {
        this.piece[this.at++] = sample;
        if (this.at === PIECE) {
          this.port.postMessage(this.piece.slice());
          this.at = 0;
        }
      }
    }
    return true;
  }
}

registerProcessor('capture', Capture);
