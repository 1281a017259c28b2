/** Loudness at which everything is played, so that before and now can be told apart by their sound alone. */
const ALIKE = 0.12;
const BETWEEN_S = 0.4;

/** How much a sound is turned up or down to be as loud as others, without being cut off. */
function gainOf(sound: AudioBuffer): number {
  const samples = sound.getChannelData(0);
  let [squares, peak] = [0, 0];
  for (const sample of samples) {
    squares += sample * sample;
    peak = Math.max(peak, Math.abs(sample));
  }
  const level = Math.sqrt(squares / Math.max(1, samples.length));
  return Math.min(ALIKE / Math.max(level, 1e-6), 0.98 / Math.max(peak, 1e-6));
}

/** Plays sounds one after the other at the same level. What comes back ends it. */
export async function playAlike(files: ArrayBuffer[], onEnd: () => void): Promise<() => void> {
  const context = new AudioContext();
  const sounds = await Promise.all(files.map((file) => context.decodeAudioData(file)));
  let at = context.currentTime + 0.05;
  let last: AudioBufferSourceNode | undefined;
  for (const sound of sounds) {
    const gain = context.createGain();
    gain.gain.value = gainOf(sound);
    gain.connect(context.destination);
    last = context.createBufferSource();
    last.buffer = sound;
    last.connect(gain);
    last.start(at);
    at += sound.duration + BETWEEN_S;
  }
  const end = () => {
    void context.close().catch(() => undefined);
    onEnd();
  };
  if (last) last.onended = end;
  return () => {
    if (last) last.onended = null;
    end();
  };
}
