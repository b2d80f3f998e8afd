"use client";

import { type FontKind, STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { createContext, useContext } from "react";
import type { OwnFont } from "@/data/fonts.ts";

export interface FontChoice {
  readonly id: string;
  readonly family: string;
  readonly kind: FontKind | "own";
  readonly joined: boolean;
  readonly licence: string;
  readonly thinShare: number;
}

const OwnFonts = createContext<readonly OwnFont[]>([]);
export const OwnFontsProvider = OwnFonts.Provider;

export function useFontChoices(): readonly FontChoice[] {
  const own = useContext(OwnFonts);
  return [...own.map((font) => ({ ...font, kind: "own" as const })), ...STUDIO_FONTS];
}

export function useFontName(): (id: string) => string {
  const fonts = useFontChoices();
  return (id) => fonts.find((font) => font.id === id)?.family ?? id;
}
