import type { LogKind } from "@/data/log.ts";
import { logKindsWords } from "./words.ts";

export const logWords = (): Readonly<Record<LogKind, string>> => logKindsWords();
