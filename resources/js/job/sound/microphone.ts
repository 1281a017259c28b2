import takes from './takes.js?url&no-inline';

/** The microphone cannot be had, said so that a person can do something about it. */
export class NoMicrophone extends Error {}

/** A microphone that is open. */
export interface Microphone {
  /** Samples a second. */
  rate: number;
  close: () => void;
}

/** As the microphone has it: what makes a voice clear takes away what a wheel says. */
const PLAIN: MediaTrackConstraints = {
  echoCancellation: false,
  noiseSuppression: false,
  autoGainControl: false,
  channelCount: 1,
};

function why(fault: unknown): string {
  const name = fault instanceof DOMException ? fault.name : '';
  if (name === 'NotAllowedError')
    return 'The browser was not allowed to listen. Allow it beside the address, then begin again.';
  if (name === 'NotFoundError')
    return 'There is no microphone on this device. Plug one in, use a phone, or take a file.';
  if (name === 'NotReadableError') return 'Another program has the microphone. Close that, then begin again.';
  return 'The microphone cannot be opened here. Use a phone, or take a file.';
}

/**
 * Opens the microphone and hands on what it takes up, as it comes.
 *
 * @throws NoMicrophone when it cannot be had
 */
export async function openMicrophone(onPiece: (piece: Float32Array) => void): Promise<Microphone> {
  if (!window.isSecureContext || !navigator.mediaDevices) {
    throw new NoMicrophone(
      'A browser listens only at a secure address: https, or this machine itself. Take a file instead.',
    );
  }
  let stream: MediaStream | undefined;
  let context: AudioContext | undefined;
  const close = () => {
    for (const track of stream?.getTracks() ?? []) track.stop();
    void context?.close().catch(() => undefined);
  };
  try {
    stream = await navigator.mediaDevices.getUserMedia({ audio: PLAIN });
    context = new AudioContext();
    await context.audioWorklet.addModule(takes);
    const node = new AudioWorkletNode(context, 'takes', { numberOfOutputs: 0 });
    node.port.onmessage = ({ data }: MessageEvent<Float32Array>) => onPiece(data);
    context.createMediaStreamSource(stream).connect(node);
    await context.resume();
    return { rate: context.sampleRate, close };
  } catch (fault) {
    close();
    throw new NoMicrophone(why(fault));
  }
}
