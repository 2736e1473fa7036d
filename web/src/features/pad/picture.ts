import { paint, seenOf, type Drawing, type Mark } from './strokes';

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

/** A canvas of its own, with a drawing on it. `ground`: its colour; none leaves it clear. */
export async function onCanvas(drawing: Drawing, width: number, ratio: number, ground?: string): Promise<HTMLCanvasElement> {
  const drawn = document.createElement('canvas');
  drawn.width = width;
  drawn.height = Math.max(1, Math.round(width / ratio));
  await paintAll(drawn, drawing);
  if (!ground) return drawn;
  const canvas = document.createElement('canvas');
  canvas.width = drawn.width;
  canvas.height = drawn.height;
  const on = canvas.getContext('2d')!;
  on.fillStyle = ground;
  on.fillRect(0, 0, canvas.width, canvas.height);
  on.drawImage(drawn, 0, 0);
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
