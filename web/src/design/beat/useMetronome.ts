import { useCallback, useEffect, useRef, useState } from 'react';
import { BeatHead } from '../../lib/beatHead';
import { BeatScheduler, type Beat, type Playing, type Sound } from '../../lib/beatScheduler';
import { useWakeLock } from '../../lib/useWakeLock';

const steady: Playing = {};

const TICK_MS = 250;
const LEAD_IN_S = 0.6;
const SHAKE_MS = 40;

interface Voice {
  hertz: number;
  seconds: number;
  loud: number;
}

/** Knock of wood for landings, bright tick for turns; about equally loud to the ear. */
const voices: Record<Sound['what'], Voice> = {
  landing: { hertz: 190, seconds: 0.07, loud: 0.55 },
  turn: { hertz: 2100, seconds: 0.025, loud: 0.22 },
};

/** Low, high, high: a double is told from a single by its landing. */
const lowLanding: Voice = { hertz: 140, seconds: 0.09, loud: 0.6 };

function play(audio: AudioContext, out: AudioNode, sound: Sound): void {
  const voice = sound.what === 'landing' && sound.many ? lowLanding : voices[sound.what];
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
export function useMetronome(beats: Beat[], as: Playing = steady, atOnce = false) {
  const [playing, setPlaying] = useState(atOnce);
  const [silent, setSilent] = useState(false);
  const [shaking, setShaking] = useState(false);
  const [head] = useState(() => new BeatHead());
  const [speed, setSpeed] = useState(1);
  const silentNow = useRef(silent);
  const shakingNow = useRef(shaking);
  const stop = useCallback(() => setPlaying(false), []);

  useWakeLock(playing);
  useEffect(() => {
    silentNow.current = silent;
    shakingNow.current = shaking;
  }, [silent, shaking]);

  useEffect(() => {
    if (!playing) {
      return;
    }
    const audio = new AudioContext();
    const out = new GainNode(audio, { gain: 1 });
    out.connect(audio.destination);
    const scheduler = new BeatScheduler(beats, audio.currentTime + LEAD_IN_S, as);
    const tick = () => {
      out.gain.value = silentNow.current ? 0 : 1;
      scheduler
        .tick(audio.currentTime)
        .filter((sound) => !sound.silent)
        .forEach((sound) => play(audio, out, sound));
      setSpeed(scheduler.speedAt(audio.currentTime));
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    let frame = 0;
    let landed: number | null = null;
    const draw = () => {
      const at = scheduler.positionAt(audio.currentTime);
      const landing = at === null ? null : (beats.findLast((beat) => beat.atS <= at)?.atS ?? null);
      if (landing !== landed && shakingNow.current) {
        navigator.vibrate(SHAKE_MS);
      }
      landed = landing;
      // With reduced motion the head steps from landing to landing instead of gliding.
      head.move(still ? landing : at);
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    return () => {
      clearInterval(timer);
      cancelAnimationFrame(frame);
      head.move(null);
      void audio.close();
    };
  }, [playing, beats, as, head]);

  return {
    playing,
    silent,
    head,
    /** Beside the core's own timing: grows with a ramp. */
    speed,
    start: () => setPlaying(true),
    stop,
    toggleSilent: () => setSilent(!silent),
    /** Null: this device can't. */
    shaking: 'vibrate' in navigator ? shaking : null,
    toggleShaking: () => setShaking(!shaking),
  };
}
