import { t } from '@lingui/core/macro';
import { Problem } from '../../api/client';
import type { Wave } from './wave';

/** As the server keeps recordings. */
const RATE = 24_000;
const MOST_BYTES = 60 << 20;
/** A longer file is not opened: it would take the memory of a tablet. */
const MOST_SECONDS = 600;
/** What is made of a file: so much is heard on a button at most. */
const TAKEN_SECONDS = 30;

/** The sound of a file, whatever it is called; `cut` if there was more of it than a button can say. */
export async function broughtSound(file: File): Promise<Wave & { cut: boolean }> {
  if (file.size === 0) throw new Problem(0, t`That file is empty. Nothing was changed; choose another.`);
  if (file.size > MOST_BYTES) throw new Problem(0, t`A sound can have up to 60 MB; this file has ${Math.ceil(file.size / (1 << 20))}. Nothing was changed.`);
  const lasts = await lengthOf(file);
  if (lasts !== undefined && lasts > MOST_SECONDS)
    throw new Problem(
      0,
      t`That recording says it lasts ${Math.round(lasts / 60)} minutes. Cut out what the button is to say, and bring that. Nothing was changed.`,
    );
  const context = new OfflineAudioContext(1, 1, RATE);
  const decoded = await context.decodeAudioData(await file.arrayBuffer()).catch(() => {
    throw new Problem(0, t`“${file.name}” is no sound this browser can read. Nothing was changed; bring it as mp3, wav, ogg, m4a or webm.`);
  });
  const from = begins(decoded);
  const most = Math.min(decoded.length - from, TAKEN_SECONDS * RATE);
  const samples = new Float32Array(most);
  for (let channel = 0; channel < decoded.numberOfChannels; channel++) {
    const heard = decoded.getChannelData(channel);
    for (let i = 0; i < most; i++) samples[i] += heard[from + i] / decoded.numberOfChannels;
  }
  return { samples, rate: RATE, cut: decoded.length - from > most };
}

/** Where something is heard first, a little before it. */
function begins(decoded: AudioBuffer): number {
  const heard = decoded.getChannelData(0);
  const first = heard.findIndex((sample) => Math.abs(sample) > 0.02);
  return Math.max(0, first - RATE / 4);
}

/** How long it says it is; undefined if the browser cannot tell. */
function lengthOf(file: File): Promise<number | undefined> {
  const address = URL.createObjectURL(file);
  const audio = new Audio();
  audio.preload = 'metadata';
  return new Promise<number | undefined>((resolve) => {
    audio.onloadedmetadata = () => resolve(Number.isFinite(audio.duration) ? audio.duration : undefined);
    audio.onerror = () => resolve(undefined);
    audio.src = address;
  }).finally(() => URL.revokeObjectURL(address));
}
