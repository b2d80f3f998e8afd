/** The files of a class's sheets, written here and now instead of by a worker. */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { SheetText } from "../../data/making.ts";
import { answer as run } from "../../workers/plan.server.ts";

export const textOf = (document: ClassDocument) => async (nn: number) =>
  ((await run({ kind: "sheets", document, fonts: [], nn })) as SheetText[])[0] ?? null;
