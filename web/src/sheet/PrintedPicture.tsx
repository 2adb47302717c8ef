import type { Schemas } from '../api/client';

/** A picture where it lies on a sheet or in a piece of it: bent where its plan bends it, turned over where the file's turn it is. */
export function PrintedPicture({
  sha256,
  bent,
  at,
  mirrored,
  filter,
}: {
  sha256: string;
  /** Its bend as part of an address. */
  bent: string | null;
  at: Schemas['PlacedRect'];
  mirrored: boolean;
  filter?: string | undefined;
}) {
  return (
    <image
      href={`/api/artwork/${sha256}/${bent === null ? 'preview' : `bent?${bent}`}`}
      width={at.width_mm}
      height={at.height_mm}
      preserveAspectRatio="none"
      filter={filter}
      transform={
        mirrored ? `translate(${at.x_mm + at.width_mm} ${at.y_mm}) scale(-1 1)` : `translate(${at.x_mm} ${at.y_mm})`
      }
    />
  );
}
