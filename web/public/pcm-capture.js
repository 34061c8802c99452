/* Hands the microphone's samples to the page, as they come. */
class PcmCapture extends AudioWorkletProcessor {
  process(inputs) {
    const samples = inputs[0][0];
    if (samples !== undefined) {
      this.port.postMessage(samples.slice());
    }
    return true;
  }
}
registerProcessor('pcm-capture', PcmCapture);
