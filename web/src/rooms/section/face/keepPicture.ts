import { blank, paint, type Ready } from '../../../recipe/face/paint';
import { size } from '../../../recipe/face/panel';
import { bench } from '../../../theme/theme';

const scale = 2;
const foot = 96;

/** A picture of the face for the client, under it what it is: kept by the browser like any download. */
export async function keepPicture(ready: Ready, at: number, title: string, step: string, parts: string): Promise<void> {
  const face = document.createElement('canvas');
  [face.width, face.height] = [size.width, size.height];
  const image = blank();
  paint(image, ready, at);
  face.getContext('2d')?.putImageData(image, 0, 0);
  const sheet = document.createElement('canvas');
  [sheet.width, sheet.height] = [size.width * scale, size.height * scale + foot];
  const context = sheet.getContext('2d');
  if (!context) return;
  context.fillStyle = bench.paper;
  context.fillRect(0, 0, sheet.width, sheet.height);
  context.imageSmoothingEnabled = false;
  context.drawImage(face, 0, 0, size.width * scale, size.height * scale);
  context.fillStyle = bench.ink;
  context.font = '600 28px "Bitter Variable", Georgia, serif';
  context.fillText(title, 20, size.height * scale + 38, sheet.width - 40);
  context.font = '20px "Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
  context.fillText(`${parts} · ${step} · predicted, not a guarantee`, 20, size.height * scale + 72, sheet.width - 40);
  const blob = await new Promise<Blob | null>((done) => sheet.toBlob(done, 'image/png'));
  if (!blob) return;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${title.replaceAll(/[^\p{L}\p{N}]+/gu, '-').replaceAll(/^-|-$/g, '')}.png`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
