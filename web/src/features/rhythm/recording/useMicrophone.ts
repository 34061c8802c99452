import { useRef, useState } from 'react';
import { wavFile } from '../../../lib/wavFile';

/** The server hears half an hour at most; nobody means to record so long. */
const LONGEST_S = 600;

interface Running {
  audio: AudioContext;
  stream: MediaStream;
  pieces: Float32Array[];
  clock: ReturnType<typeof setInterval>;
}

/** Records this device's microphone as it is: what makes voices clear makes ropes unheard, so that is off. */
export function useMicrophone(onFile: (file: Blob) => void) {
  const running = useRef<Running | null>(null);
  const [seconds, setSeconds] = useState<number | null>(null);
  const [error, setError] = useState<string | null>(null);

  const stop = () => {
    const now = running.current;
    if (now === null) {
      return;
    }
    running.current = null;
    clearInterval(now.clock);
    now.stream.getTracks().forEach((track) => track.stop());
    setSeconds(null);
    onFile(wavFile(now.pieces, now.audio.sampleRate));
    void now.audio.close();
  };

  const start = async () => {
    setError(null);
    try {
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false, channelCount: 1 },
      });
      const audio = new AudioContext();
      await audio.audioWorklet.addModule('/pcm-capture.js');
      const capture = new AudioWorkletNode(audio, 'pcm-capture');
      const pieces: Float32Array[] = [];
      capture.port.onmessage = (message: MessageEvent<Float32Array>) => pieces.push(message.data);
      // Pulled only when it leads somewhere: silently.
      const silent = new GainNode(audio, { gain: 0 });
      audio.createMediaStreamSource(stream).connect(capture).connect(silent).connect(audio.destination);
      const began = performance.now();
      const clock = setInterval(() => {
        const passed = (performance.now() - began) / 1000;
        setSeconds(passed);
        if (passed > LONGEST_S) {
          stop();
        }
      }, 200);
      running.current = { audio, stream, pieces, clock };
      setSeconds(0);
    } catch (reason) {
      setError(refusal(reason));
    }
  };

  return { seconds, error, start: () => void start(), stop };
}

function refusal(reason: unknown): string {
  const name = reason instanceof DOMException ? reason.name : '';
  if (name === 'NotAllowedError') {
    return 'The microphone was not allowed: allow it in the browser for this page, then record again.';
  }
  return name === 'NotFoundError'
    ? 'No microphone on this device: choose a WAV file instead.'
    : 'The microphone can not be used here: it needs https or this very computer. A WAV file works too.';
}
