import Link from "next/link";
import type { ComponentProps } from "react";

const SHAPE =
  "inline-flex min-h-11 items-center justify-center gap-2 rounded-card border-[1.5px] px-4 py-2 font-bold font-text text-[15px] leading-tight";
const TONES = {
  main: "border-elm bg-elm text-white hover:bg-elm-dark disabled:border-rule-strong disabled:bg-rule disabled:text-soft",
  plain:
    "border-elm bg-transparent text-elm-dark hover:bg-elm-tint disabled:border-rule-strong disabled:text-soft",
  stop: "border-brick bg-transparent text-brick hover:bg-brick-tint",
} as const;
type Tone = keyof typeof TONES;

export function Button({
  tone = "plain",
  className = "",
  type = "button",
  ...rest
}: ComponentProps<"button"> & { tone?: Tone }) {
  return <button type={type} className={`${SHAPE} ${TONES[tone]} ${className}`} {...rest} />;
}

export function LinkButton({
  tone = "plain",
  className = "",
  ...rest
}: ComponentProps<typeof Link> & { tone?: Tone }) {
  return <Link className={`${SHAPE} ${TONES[tone]} ${className}`} {...rest} />;
}

/** A file to save: a plain link, so that the browser downloads it. */
export function FileButton({
  tone = "plain",
  className = "",
  ...rest
}: ComponentProps<"a"> & { tone?: Tone }) {
  return <a className={`${SHAPE} ${TONES[tone]} ${className}`} {...rest} />;
}
