import { useCallback, useEffect, useRef, useState } from 'react';
import { BeatScheduler, type Beat, type Sound } from '../../lib/beatScheduler';

const TICK_MS = 250;
const LEAD_IN_S = 0.6;

/** Knock of wood for landings, bright tick for turns; about equally loud to the ear. */
const voices: Record<Sound['what'], { hertz: number; seconds: number; loud: number }> = {
  landing: { hertz: 190, seconds: 0.07, loud: 0.55 },
  turn: { hertz: 2100, seconds: 0.025, loud: 0.22 },
};

function play(audio: AudioContext, out: AudioNode, sound: Sound): void {
  const voice = voices[sound.what];
  const tone = new OscillatorNode(audio, {
    frequency: voice.hertz,
    type: sound.what === 'landing' ? 'sine' : 'triangle',
  });
  const envelope = new GainNode(audio, { gain: 0 });
  envelope.gain.setValueAtTime(voice.loud, sound.at);
  envelope.gain.exponentialRampToValueAtTime(0.001, sound.at + voice.seconds);
  tone.connect(envelope).connect(out);
  tone.start(sound.at);
  tone.stop(sound.at + voice.seconds);
}

/** Plays a pattern on the audio clock, aloud or silent, and tells where the head is. */
export function useMetronome(beats: Beat[]) {
  const [playing, setPlaying] = useState(false);
  const [silent, setSilent] = useState(false);
  const [headS, setHeadS] = useState<number | null>(null);
  const silentNow = useRef(silent);
  const stop = useCallback(() => setPlaying(false), []);

  useEffect(() => {
    silentNow.current = silent;
  }, [silent]);

  useEffect(() => {
    if (!playing) {
      return;
    }
    const audio = new AudioContext();
    const out = new GainNode(audio, { gain: 1 });
    out.connect(audio.destination);
    const scheduler = new BeatScheduler(beats, audio.currentTime + LEAD_IN_S);
    const tick = () => {
      out.gain.value = silentNow.current ? 0 : 1;
      scheduler.tick(audio.currentTime).forEach((sound) => play(audio, out, sound));
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    let frame = 0;
    const draw = () => {
      const at = scheduler.positionAt(audio.currentTime);
      // With reduced motion the head steps from landing to landing instead of gliding.
      setHeadS(at === null || !still ? at : (beats.findLast((beat) => beat.atS <= at)?.atS ?? at));
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    return () => {
      clearInterval(timer);
      cancelAnimationFrame(frame);
      setHeadS(null);
      void audio.close();
    };
  }, [playing, beats]);

  return {
    playing,
    silent,
    headS,
    start: () => setPlaying(true),
    stop,
    toggleSilent: () => setSilent(!silent),
  };
}
