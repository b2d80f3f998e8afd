"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { memo, type ReactNode, useEffect, useState } from "react";
import type { FacePicture } from "./face-picture.ts";
import { insist } from "./insist.ts";
import { seatFaceWords } from "./words.ts";

const NONE: ReadonlyMap<string, FacePicture> = new Map();

/** Of pieces that seats bring, by seat; there a moment after the page, as few classes have any. */
export function useOwnFaces(
  blank: Blank,
  seats: readonly { readonly seat: string; readonly shape?: BlankShape | undefined }[],
): ReadonlyMap<string, FacePicture> {
  const [faces, setFaces] = useState(NONE);
  useEffect(() => {
    const brought = seats.flatMap(({ seat, shape }) => (shape ? [{ seat, shape }] : []));
    if (brought.length === 0) return setFaces(NONE);
    let wanted = true;
    void insist(() => import("./face-picture.ts")).then(({ facePicture }) => {
      if (!wanted) return;
      setFaces(
        new Map(
          brought.flatMap(({ seat, shape }) => {
            const face = facePicture({ ...blank, shape, specimens: [] });
            return face ? [[seat, face] as const] : [];
          }),
        ),
      );
    });
    return () => {
      wanted = false;
    };
  }, [blank, seats]);
  return faces;
}

interface Props {
  readonly face: FacePicture;
  readonly vinyls: readonly Vinyl[];
  readonly drawn:
    | { readonly layers: readonly { readonly vinyl: string; readonly path: string }[] }
    | undefined;
  readonly edge: string;
  readonly name: string;
  readonly maxHeight?: number;
  readonly children?: ReactNode;
}

/** One seat's face in true proportion, with its lettering in the vinyls' colours. */
export const SeatFace = memo(function SeatFace({
  face,
  vinyls,
  drawn,
  edge,
  name,
  maxHeight = 220,
  children,
}: Props) {
  const { box } = face;
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const line = width / 200;
  return (
    <svg
      viewBox={`${box.minX - line} ${box.minY - line} ${width + 2 * line} ${height + 2 * line}`}
      className="w-full"
      style={{ maxHeight }}
      role="img"
      aria-label={seatFaceWords().theFaceWithItsLettering(name)}
    >
      <path
        d={face.outline}
        fill={face.colour}
        stroke={edge}
        strokeWidth={line * 2}
        strokeLinejoin="round"
      />
      <path
        d={face.usable}
        fill="none"
        stroke="var(--color-faint)"
        strokeWidth={line * 0.7}
        strokeDasharray={`${line * 3} ${line * 3}`}
        opacity={0.7}
      />
      {face.keepOuts && (
        <path
          d={face.keepOuts}
          fill="var(--color-rule)"
          stroke="var(--color-rule-strong)"
          strokeWidth={line}
        />
      )}
      {drawn?.layers.map((layer) => (
        <path
          key={layer.vinyl}
          d={layer.path}
          fill={vinyls.find(({ id }) => id === layer.vinyl)?.colour ?? "var(--color-ink)"}
          fillRule="evenodd"
        />
      ))}
      {children}
    </svg>
  );
});
