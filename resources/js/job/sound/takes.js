/** Hands on what the microphone takes up, a piece at a time, as it is: a file of its own, for the audio thread. */
class Takes extends AudioWorkletProcessor {
  process([input]) {
    if (input[0]) this.port.postMessage(input[0].slice());
    return true;
  }
}

registerProcessor('takes', Takes);
