import { useEffect, useRef } from 'react';

/** A low bell: a fundamental and one partial that dies sooner. */
const bell = [
  { hertz: 220, loud: 0.5, seconds: 1.2 },
  { hertz: 545, loud: 0.2, seconds: 0.6 },
];
const knock = [{ hertz: 190, loud: 0.5, seconds: 0.08 }];

function strike(audio: AudioContext, partials: typeof bell): void {
  for (const { hertz, loud, seconds } of partials) {
    const tone = new OscillatorNode(audio, { frequency: hertz });
    const envelope = new GainNode(audio, { gain: loud });
    envelope.gain.setValueAtTime(loud, audio.currentTime);
    envelope.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
    tone.connect(envelope).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + seconds);
  }
}

/**
 * Rings when the phase changes and knocks in its last three seconds; the phone shakes with the bell. After a reload a
 * browser stays silent until somebody touches the page.
 */
export function useBell(phase: string, lastSeconds: number, paused: boolean): void {
  const audio = useRef<AudioContext | null>(null);
  const before = useRef(phase);
  useEffect(() => {
    audio.current = new AudioContext();
    const wake = () => void audio.current?.resume();
    window.addEventListener('pointerdown', wake);
    return () => {
      window.removeEventListener('pointerdown', wake);
      void audio.current?.close();
    };
  }, []);
  useEffect(() => {
    if (before.current !== phase && audio.current?.state === 'running') {
      strike(audio.current, bell);
    }
    if (before.current !== phase) {
      navigator.vibrate?.(300);
    }
    before.current = phase;
  }, [phase]);
  const knocks = !paused && lastSeconds >= 1 && lastSeconds <= 3;
  useEffect(() => {
    if (knocks && audio.current?.state === 'running') {
      strike(audio.current, knock);
    }
  }, [knocks, lastSeconds]);
}
