import type { DecalPicture } from "@/workers/decals.ts";

/** A piece as it will look, in its true proportion. */
export function DecalPictureView({ picture }: { picture: DecalPicture }) {
  const { box } = picture;
  const pad = 0.03 * Math.max(box.maxX - box.minX, box.maxY - box.minY);
  return (
    <svg
      className="h-full min-w-0 max-w-full"
      viewBox={`${box.minX - pad} ${box.minY - pad} ${box.maxX - box.minX + 2 * pad} ${box.maxY - box.minY + 2 * pad}`}
      role="img"
      aria-label={picture.title}
    >
      <path
        d={picture.outline}
        fill={picture.ground}
        stroke="var(--color-ink)"
        strokeWidth={pad / 8}
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
