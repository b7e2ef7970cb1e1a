import { bench } from '../../../theme/theme';

const foot = 96;

/** A picture for the client, under it what it is: kept by the browser like any download. */
export async function keepPicture(picture: HTMLCanvasElement, scale: number, title: string, line: string): Promise<void> {
  const [width, height] = [picture.width * scale, picture.height * scale];
  const sheet = document.createElement('canvas');
  [sheet.width, sheet.height] = [width, height + foot];
  const context = sheet.getContext('2d');
  if (!context) return;
  context.fillStyle = bench.paper;
  context.fillRect(0, 0, sheet.width, sheet.height);
  context.imageSmoothingEnabled = false;
  context.drawImage(picture, 0, 0, width, height);
  context.fillStyle = bench.ink;
  context.font = '600 28px "Bitter Variable", Georgia, serif';
  context.fillText(title, 20, height + 38, sheet.width - 40);
  context.font = '20px "Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
  context.fillText(`${line} · predicted, not a guarantee`, 20, height + 72, sheet.width - 40);
  const blob = await new Promise<Blob | null>((done) => sheet.toBlob(done, 'image/png'));
  if (!blob) return;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${title.replaceAll(/[^\p{L}\p{N}]+/gu, '-').replaceAll(/^-|-$/g, '')}.png`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
