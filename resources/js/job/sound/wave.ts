const HEAD_BYTES = 44;
const FULL = 32_767;

/** Samples as a WAV file of sixteen bits, one channel: nothing of them is lost. */
export function waveOf(pieces: Float32Array[], rate: number): Blob {
  const count = pieces.reduce((sum, piece) => sum + piece.length, 0);
  const view = new DataView(new ArrayBuffer(HEAD_BYTES + 2 * count));
  const letters = (at: number, text: string) => {
    for (let i = 0; i < text.length; i++) view.setUint8(at + i, text.charCodeAt(i));
  };
  letters(0, 'RIFF');
  view.setUint32(4, HEAD_BYTES - 8 + 2 * count, true);
  letters(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, 2 * rate, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  letters(36, 'data');
  view.setUint32(40, 2 * count, true);
  let at = HEAD_BYTES;
  for (const piece of pieces) {
    for (const sample of piece) {
      view.setInt16(at, Math.round(FULL * Math.max(-1, Math.min(1, sample))), true);
      at += 2;
    }
  }
  return new Blob([view.buffer], { type: 'audio/wav' });
}
