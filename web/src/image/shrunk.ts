const QUALITY = 0.85;

/** The width and height to draw at, so that the longer side is no longer than that. */
export function fitted(width: number, height: number, longest: number): [number, number] {
  const scale = Math.min(1, longest / Math.max(width, height));
  return [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
}

/** Draws the picture small before it is sent: a phone's is many times larger than needed. */
export async function shrunk(file: Blob, longest: number): Promise<Blob> {
  const image = await createImageBitmap(file);
  const [width, height] = fitted(image.width, image.height, longest);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('This picture cannot be read.'))),
      'image/jpeg',
      QUALITY,
    );
  });
}
