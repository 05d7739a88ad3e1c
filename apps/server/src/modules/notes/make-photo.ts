import { fileTypeFromBuffer } from 'file-type';
import sharp from 'sharp';
import { photoTypes } from '../../platform/photo-types.js';
import { ProblemError } from '../../platform/problem-error.js';

export interface Photo {
  readonly width: number;
  readonly height: number;
  /** WebP, its longer side at most `longest_px`. */
  readonly whole: Buffer;
  /** WebP, for a list. */
  readonly small: Buffer;
}

const longest_px = 1600;
const smallest_px = 320;
const mostPixels = 60_000_000;

// Pictures come from anywhere: of the many formats the library reads, only these three, and nothing is kept between pictures.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({ operation: ['VipsForeignLoadJpeg', 'VipsForeignLoadPng', 'VipsForeignLoadWebp'] });
sharp.cache(false);
sharp.concurrency(1);

/**
 * A picture drawn anew from what was sent: turned upright, brought to size, and without anything else that was in the file (place, camera, thumbnails, whatever
 * hides behind the picture).
 * @throws ProblemError when it is no JPEG, PNG or WebP, is damaged, or is larger than any camera's
 */
export async function makePhoto(bytes: Buffer): Promise<Photo> {
  const type = (await fileTypeFromBuffer(bytes))?.mime;
  if (!type || !photoTypes.includes(type)) throw new ProblemError('photo-refused', notTaken(type));
  try {
    const whole = await sharp(bytes, { limitInputPixels: mostPixels, failOn: 'error' })
      .autoOrient()
      .timeout({ seconds: 20 })
      .resize({ width: longest_px, height: longest_px, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 80 })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(whole.data)
      .resize({ width: smallest_px, height: smallest_px, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 70 })
      .toBuffer();
    return { width: whole.info.width, height: whole.info.height, whole: whole.data, small };
  } catch (error) {
    const { message } = error as Error;
    throw new ProblemError(
      'photo-refused',
      message.includes('pixel limit')
        ? `The picture has more than ${mostPixels / 1_000_000} million points: make it smaller first.`
        : 'The picture is damaged or cut short: it could not be read to its end.',
    );
  }
}

function notTaken(type: string | undefined): string {
  if (type === 'image/heic' || type === 'image/heif')
    return 'The picture is HEIC: set the phone’s camera to its most compatible format, or send it as JPEG.';
  return `${type ? `This is ${type}` : 'This is no picture'}: JPEG, PNG and WebP are taken.`;
}
