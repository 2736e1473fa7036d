import { t } from '@lingui/core/macro';
import { Problem } from '../../api/client';
import capture from './capture.js?url&no-inline';

export interface Microphone {
  rate: number;
  close: () => void;
}

/** Opens the microphone. `onPiece` gets what it hears, a few hundredths of a second at a time. */
export async function openMicrophone(onPiece: (samples: Float32Array) => void): Promise<Microphone> {
  if (!window.isSecureContext || !navigator.mediaDevices)
    throw new Problem(
      0,
      t`The browser gives no microphone to this address. Open Dwimble at one that begins with https, or bring a recording as a file. Nothing was changed.`,
    );
  const stream = await navigator.mediaDevices
    .getUserMedia({ audio: { channelCount: 1, echoCancellation: false, noiseSuppression: true, autoGainControl: false } })
    .catch((error: unknown) => {
      throw new Problem(0, whyNot(error));
    });
  const context = new AudioContext();
  const close = () => {
    stream.getTracks().forEach((track) => track.stop());
    void context.close();
  };
  try {
    await context.audioWorklet.addModule(capture);
    const node = new AudioWorkletNode(context, 'capture', { numberOfOutputs: 0 });
    node.port.onmessage = (event: MessageEvent<Float32Array>) => onPiece(event.data);
    context.createMediaStreamSource(stream).connect(node);
    await context.resume();
  } catch (error) {
    close();
    throw error;
  }
  return { rate: context.sampleRate, close };
}

function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotFoundError') return t`No microphone is found. Plug one in, or bring a recording as a file. Nothing was changed.`;
  if (name === 'NotAllowedError')
    return t`The browser was told to give no microphone here. Allow it beside the address at the top, or bring a recording as a file. Nothing was changed.`;
  return t`The microphone cannot be opened; another program may have it. Try again, or bring a recording as a file. Nothing was changed.`;
}
