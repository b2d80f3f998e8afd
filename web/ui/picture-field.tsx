"use client";

import { useRef, useState } from "react";
import { keepPicture } from "@/pictures/keep.ts";
import { pictureFieldWords } from "./words.ts";

/** Longest side sent, pixels: a telephone's picture of 8 MB need not travel whole. */
const SENT_SIDE = 1600;

/** A smaller copy of what was chosen; the file itself where the browser cannot draw it. */
async function smaller(file: File): Promise<Blob> {
  try {
    const bitmap = await createImageBitmap(file);
    const share = Math.min(1, SENT_SIDE / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(bitmap.width * share));
    canvas.height = Math.max(1, Math.round(bitmap.height * share));
    canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return (
      (await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/jpeg", 0.85))) ??
      file
    );
  } catch {
    return file;
  }
}

interface Props {
  readonly label: string;
  /** Null where there is none. */
  readonly id: string | null;
  readonly alt: string;
  readonly onChange: (id: string | null) => void;
}

/** One picture: taken with the camera or chosen, seen small, taken out again. */
export function PictureField({ label, id, alt, onChange }: Props) {
  const say = pictureFieldWords();
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState("");
  const choose = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    const form = new FormData();
    form.set("picture", await smaller(file), "picture.jpg");
    const answer = await keepPicture(form).catch(
      () => ({ ok: false, message: say.noConnectionThePicture }) as const,
    );
    setSaid(answer.ok ? "" : answer.message);
    if (answer.ok) onChange(answer.id);
    setBusy(false);
    if (input.current) input.current.value = "";
  };
  return (
    <div aria-busy={busy}>
      {id !== null && (
        <a href={`/pictures/${id}`} target="_blank" rel="noreferrer" className="block">
          {/* biome-ignore lint/performance/noImgElement: it is small already, and only its studio may read it */}
          <img
            src={`/pictures/${id}`}
            alt={alt}
            loading="lazy"
            className="h-32 w-full max-w-56 border border-rule object-cover"
          />
        </a>
      )}
      <input
        ref={input}
        type="file"
        accept="image/*"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => choose(event.target.files?.[0])}
      />
      <div className="flex flex-wrap gap-x-5">
        <button
          type="button"
          className="verb min-h-11"
          disabled={busy}
          onClick={() => input.current?.click()}
        >
          {say.makingItSmallAnotherPicture(busy, id, label)}
        </button>
        {id !== null && (
          <button
            type="button"
            className="verb min-h-11"
            disabled={busy}
            onClick={() => onChange(null)}
          >
            {say.takeThePictureOut}
          </button>
        )}
      </div>
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
    </div>
  );
}
