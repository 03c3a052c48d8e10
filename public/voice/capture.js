// Hands on what the microphone hears, block by block, while it is recorded.
class Capture extends AudioWorkletProcessor {
  process([[channel]]) {
    if (channel) this.port.postMessage(channel.slice());
    return true;
  }
}
registerProcessor('capture', Capture);
