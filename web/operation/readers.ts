/**
 * In which language each request is answered: kept beside the request from its first moment, so that
 * everything said on its way says it alike.
 */
import { AsyncLocalStorage } from "node:async_hooks";
import { subscribe } from "node:diagnostics_channel";
import type { IncomingMessage } from "node:http";
import { LANGUAGE_COOKIE, LANGUAGES, type Language, languageFor } from "../ui/language.ts";
import { readsBy } from "../ui/readers-tongue.ts";

/** Pages of participants, whose browsers say what they would rather read. */
const FOR_PARTICIPANTS = /^\/[cfr](\/|$)/u;

/** What a host chose on this device; without that the desk is English. */
export function languageOf({
  url = "/",
  headers,
}: Pick<IncomingMessage, "url"> & {
  readonly headers: Pick<IncomingMessage["headers"], "cookie" | "accept-language">;
}): Language {
  if (FOR_PARTICIPANTS.test(url)) return languageFor(headers["accept-language"] ?? null);
  const chosen = new RegExp(`(?:^|; )${LANGUAGE_COOKIE}=([a-z]{2})(?:;|$)`, "u").exec(
    headers.cookie ?? "",
  );
  return LANGUAGES.find((one) => one === chosen?.[1]) ?? "en";
}

export function answerInTheirLanguage(): void {
  const reader = new AsyncLocalStorage<Language>();
  readsBy(() => reader.getStore() ?? "en");
  subscribe("http.server.request.start", (message) => {
    reader.enterWith(languageOf((message as { request: IncomingMessage }).request));
  });
}
