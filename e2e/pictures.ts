import { deflateSync } from 'node:zlib';

function crc32(data: Buffer): number {
  let crc = ~0;
  for (const byte of data) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit++) {
      crc = crc & 1 ? (crc >>> 1) ^ 0xedb88320 : crc >>> 1;
    }
  }
  return ~crc >>> 0;
}

/** A PNG of stripes that differ with the seed, so that each test has a picture of its own. */
export const stripes = (width: number, height: number, seed = 0) =>
  png(width, height, (x, y) => [(x >> 4) % 2 ? 200 : 30, (seed * 37) % 256, (y >> 4) % 2 ? 180 : 60]);

/** A PNG of one colour. */
export const flat = (width: number, height: number) => png(width, height, () => [138, 107, 74]);

/** A PNG of a red disc, half as wide as the picture, on white. */
export const discOnWhite = (size: number, seed = 0) =>
  png(size, size, (x, y) =>
    Math.hypot(x - size / 2, y - size / 2) < size / 4 ? [200, 16, 46 + seed] : [255, 255, 255],
  );

/** A white disc on blue: a sign, or a thing on a backdrop. */
export const discOnBlue = (size: number) =>
  png(size, size, (x, y) => (Math.hypot(x - size / 2, y - size / 2) < size / 4 ? [255, 255, 255] : [30, 79, 216]));

/** An orange disc on grass: no two pixels of it are alike. */
export const discOnMeadow = (size: number) =>
  png(size, size, (x, y) => {
    const noise = (x * 7919 + y * 104729 + ((x * y) % 31) * 193) % 29;
    const light = Math.round(20 * Math.sin(x / 9) * Math.cos(y / 7));
    return Math.hypot(x - size / 2, y - size / 2) < size / 4
      ? [200 + noise, 120 + noise, 30 + noise]
      : [60 + noise + light, 120 + noise + light, 40 + noise];
  });

function png(width: number, height: number, colour: (x: number, y: number) => [number, number, number]): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const out = Buffer.alloc(body.length + 8);
    out.writeUInt32BE(data.length, 0);
    body.copy(out, 4);
    out.writeUInt32BE(crc32(body), body.length + 4);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 2, 0, 0, 0], 8);
  const rows = Buffer.alloc((width * 3 + 1) * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = y * (width * 3 + 1) + 1 + x * 3;
      rows.set(colour(x, y), at);
    }
  }
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
