/** Bytes of a WAV file, 16-bit PCM, one channel; samples from -1 to 1 (louder ones are held there). */
export function wavFile(pieces: Float32Array[], rate: number): Blob {
  const count = pieces.reduce((sum, piece) => sum + piece.length, 0);
  const head = new DataView(new ArrayBuffer(44));
  const word = (at: number, text: string) =>
    [...text].forEach((letter, i) => head.setUint8(at + i, letter.charCodeAt(0)));
  word(0, 'RIFF');
  head.setUint32(4, 36 + 2 * count, true);
  word(8, 'WAVEfmt ');
  head.setUint32(16, 16, true);
  head.setUint16(20, 1, true);
  head.setUint16(22, 1, true);
  head.setUint32(24, rate, true);
  head.setUint32(28, 2 * rate, true);
  head.setUint16(32, 2, true);
  head.setUint16(34, 16, true);
  word(36, 'data');
  head.setUint32(40, 2 * count, true);
  const samples = pieces.map((piece) =>
    Int16Array.from(piece, (sample) => Math.round(32_767 * Math.max(-1, Math.min(1, sample)))),
  );
  return new Blob([head.buffer, ...samples], { type: 'audio/wav' });
}
