import { describe, expect, it } from 'vitest';
import { wavFile } from './wavFile';

describe('a WAV file', () => {
  it('has the head of its format and every sample', async () => {
    const bytes = new DataView(
      await wavFile([Float32Array.of(0, 0.5), Float32Array.of(-2)], 8000).arrayBuffer(),
    );
    const word = (at: number) => String.fromCharCode(...[0, 1, 2, 3].map((i) => bytes.getUint8(at + i)));
    expect([word(0), word(8), word(12), word(36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data']);
    expect(bytes.getUint32(24, true)).toBe(8000);
    expect(bytes.getUint32(40, true)).toBe(6);
    expect([0, 1, 2].map((i) => bytes.getInt16(44 + 2 * i, true))).toEqual([0, 16_384, -32_767]);
    expect(bytes.byteLength).toBe(50);
  });
});
