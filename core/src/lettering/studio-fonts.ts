/** The fonts shipped with the application, by what they are good for. Bytes are handed in by the caller. */

export type FontKind = "script" | "sans" | "rounded" | "slab" | "stencil";

export interface FontEntry {
  readonly id: string;
  readonly family: string;
  readonly kind: FontKind;
  readonly joined: boolean;
  readonly licence: string;
}

const OFL = "SIL Open Font License 1.1";

export const STUDIO_FONTS: readonly FontEntry[] = [
  { id: "pacifico", family: "Pacifico", kind: "script", joined: true, licence: OFL },
  { id: "lobster", family: "Lobster", kind: "script", joined: true, licence: OFL },
  { id: "dancing-script", family: "Dancing Script", kind: "script", joined: true, licence: OFL },
  { id: "satisfy", family: "Satisfy", kind: "script", joined: true, licence: "Apache License 2.0" },
  { id: "great-vibes", family: "Great Vibes", kind: "script", joined: true, licence: OFL },
  { id: "sacramento", family: "Sacramento", kind: "script", joined: true, licence: OFL },
  { id: "oswald", family: "Oswald", kind: "sans", joined: false, licence: OFL },
  { id: "poppins", family: "Poppins", kind: "sans", joined: false, licence: OFL },
  { id: "quicksand", family: "Quicksand", kind: "rounded", joined: false, licence: OFL },
  { id: "fredoka", family: "Fredoka", kind: "rounded", joined: false, licence: OFL },
  { id: "varela-round", family: "Varela Round", kind: "rounded", joined: false, licence: OFL },
  { id: "alfa-slab-one", family: "Alfa Slab One", kind: "slab", joined: false, licence: OFL },
  { id: "zilla-slab", family: "Zilla Slab", kind: "slab", joined: false, licence: OFL },
  { id: "black-ops-one", family: "Black Ops One", kind: "stencil", joined: false, licence: OFL },
];

export const studioFont = (id: string): FontEntry | undefined => STUDIO_FONTS.find((font) => font.id === id);
