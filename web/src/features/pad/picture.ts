import { palette } from '../../theme';
import { boundsOf, paint, seenOf, type Drawing, type Mark } from './strokes';

const loaded = (address: string) =>
  new Promise<HTMLImageElement>((done, failed) => {
    const image = new Image();
    image.onload = () => done(image);
    image.onerror = () => failed(new Error(address.slice(0, 30)));
    image.src = address;
  });

/** Paints all that is seen of a drawing, over the whole canvas. */
export async function paintAll(canvas: HTMLCanvasElement, drawing: Drawing) {
  const on = canvas.getContext('2d');
  if (!on) return;
  const { settled, strokes } = seenOf(drawing);
  const ground = settled && (await loaded(settled).catch(() => undefined));
  on.clearRect(0, 0, canvas.width, canvas.height);
  if (ground) on.drawImage(ground, 0, 0, canvas.width, (ground.height / ground.width) * canvas.width);
  strokes.forEach((stroke) => paint(on, stroke, canvas.width));
}

/** A canvas of its own, with a drawing on it. */
async function onCanvas(drawing: Drawing, width: number, ratio: number): Promise<HTMLCanvasElement> {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = Math.max(1, Math.round(width / ratio));
  await paintAll(canvas, drawing);
  return canvas;
}

/** What is drawn and nothing around it, on white, as broad as this at most. */
export async function asPicture(drawing: Drawing, width: number, ratio: number): Promise<HTMLCanvasElement> {
  const part = boundsOf(drawing) ?? { x: 0, y: 0, width: 1, height: 1 / ratio };
  const whole = await onCanvas(drawing, width, ratio);
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(part.width * width));
  canvas.height = Math.max(1, Math.round(Math.min(part.height, 1 / ratio - part.y) * width));
  const on = canvas.getContext('2d')!;
  on.fillStyle = palette.white;
  on.fillRect(0, 0, canvas.width, canvas.height);
  on.drawImage(whole, -part.x * width, -part.y * width);
  return canvas;
}

/** Old marks as a picture; none if a clearing among them left nothing. */
export async function asSettled(settled: string | undefined, marks: Mark[], width: number, ratio: number): Promise<string | undefined> {
  const canvas = await onCanvas({ settled, done: marks, undone: [] }, width, ratio);
  return canvas.toDataURL('image/png');
}

export const asFile = (canvas: HTMLCanvasElement, name: string) =>
  new Promise<File>((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(new File([blob], name, { type: 'image/png' })) : failed(new Error(name))), 'image/png'),
  );
