import type { DecalPicture } from "@/workers/decals.ts";
import { frameOf } from "./decal-svg.ts";

/** A piece as it will look, in its true proportion. */
export function DecalPictureView({ picture }: { picture: DecalPicture }) {
  const { viewBox, line } = frameOf(picture);
  return (
    <svg
      className="h-full min-w-0 max-w-full"
      viewBox={viewBox}
      role="img"
      aria-label={picture.title}
    >
      <path
        d={picture.outline}
        fill={picture.ground}
        stroke="var(--color-ink)"
        strokeWidth={line}
      />
      {picture.layers.map((layer) => (
        <path
          key={layer.colour + layer.path.length}
          d={layer.path}
          fill={layer.colour}
          fillRule="evenodd"
        />
      ))}
    </svg>
  );
}
