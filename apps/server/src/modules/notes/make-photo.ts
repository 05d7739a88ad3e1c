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
    const kept = type === 'image/webp' ? await asItIs(bytes) : undefined;
    if (kept) return kept;
    const whole = await sharp(bytes, { limitInputPixels: mostPixels, failOn: 'error' })
      .autoOrient()
      .timeout({ seconds: 20 })
      .resize({ width: longest_px, height: longest_px, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 80 })
      .toBuffer({ resolveWithObject: true });
    return { width: whole.info.width, height: whole.info.height, whole: whole.data, small: await smallOf(whole.data) };
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

const smallOf = (whole: Buffer): Promise<Buffer> =>
  sharp(whole, { failOn: 'error' })
    .timeout({ seconds: 20 })
    .resize({ width: smallest_px, height: smallest_px, fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 70 })
    .toBuffer();

/**
 * A WebP that could have been made here, in size and in that it holds nothing but a picture, is kept byte for byte: a shed that is taken and imported again and
 * again must not lose by it each time.
 * @returns undefined for any other
 * @throws Error when it cannot be read to its end
 */
async function asItIs(bytes: Buffer): Promise<Photo | undefined> {
  if (!holdsPictureOnly(bytes)) return undefined;
  const { width, height, pages = 1 } = await sharp(bytes, { limitInputPixels: mostPixels }).metadata();
  if (Math.max(width, height) > longest_px || pages > 1) return undefined;
  return { width, height, whole: bytes, small: await smallOf(bytes) };
}

/** Chunks of a WebP that are a still picture and its transparency (RIFF container, RFC 9649); not colours, places, cameras, films or what nobody knows. */
const pictureChunks = ['VP8 ', 'VP8L', 'VP8X', 'ALPH'];

function holdsPictureOnly(bytes: Buffer): boolean {
  if (bytes.length < 20 || bytes.readUInt32LE(4) + 8 !== bytes.length) return false;
  let at = 12;
  while (at + 8 <= bytes.length) {
    if (!pictureChunks.includes(bytes.toString('latin1', at, at + 4))) return false;
    // A chunk of an odd length is filled up by one byte.
    const length = bytes.readUInt32LE(at + 4);
    at += 8 + length + (length % 2);
  }
  return at === bytes.length;
}

function notTaken(type: string | undefined): string {
  if (type === 'image/heic' || type === 'image/heif')
    return 'The picture is HEIC: set the phone’s camera to its most compatible format, or send it as JPEG.';
  return `${type ? `This is ${type}` : 'This is no picture'}: JPEG, PNG and WebP are taken.`;
}
