/** Marks of a bench, as devices tell them. */
import * as z from "zod";

const MOST_PIECES = 500;
/** Longer at one film without a word is no weeding, seconds. */
const MOST_WORKED = 4 * 3600;

export const markSchema = z.strictObject({
  mark: z.string().regex(/^[A-Za-z0-9-]{8,40}$/u),
  /** Epoch ms, by the server's clock as the device knows it. */
  at: z.number().int().positive(),
  film: z.string().min(3).max(160),
  act: z.enum(["take", "rest", "give", "done", "flawed", "reopen", "lost"]),
  /** Seconds since it was last taken up, by the device's own clock. */
  worked: z.number().min(0).max(MOST_WORKED).default(0),
  pieces: z.array(z.string().max(160)).max(MOST_PIECES).default([]),
  reason: z.string().trim().max(120).default(""),
  /** After a loss: whether the rest of the film is through. */
  through: z.boolean().default(false),
});
export type Mark = z.infer<typeof markSchema>;

export const toldSchema = z.strictObject({
  hands: z.string().regex(/^[A-Za-z0-9-]{8,40}$/u),
  name: z.string().trim().min(1).max(60),
  /** The film in hand, so that it is kept for who has it. */
  holding: z.string().max(160).default(""),
  marks: z.array(markSchema).max(200),
});
export type Told = z.infer<typeof toldSchema>;

export type MarkAnswer =
  | { readonly mark: string; readonly ok: true }
  | {
      readonly mark: string;
      readonly ok: false;
      readonly why: "gone" | "held" | "already";
      readonly by: string;
    };
