import type { Metadata, Viewport } from "next";
import { connection } from "next/server";
import type { ReactNode } from "react";
import { Announcer } from "@/ui/announcer.tsx";
import { readersTongue } from "@/ui/readers-tongue.ts";
import "@/ui/tokens.css";
import { layoutPageWords } from "./words.ts";

export const generateMetadata = (): Metadata => ({
  title: { default: layoutPageWords().elmBasket, template: layoutPageWords().sElmBasket },
  description: layoutPageWords().plansCutsWeedsPacks,
});
/** A meta tag knows no custom properties: this is the paper of tokens.css. */
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#f1ede3" };

export default async function Root({ children }: { children: ReactNode }) {
  // Made for each request: scripts bear the sign of that answer.
  await connection();
  return (
    <html lang={readersTongue()}>
      <body>
        {children}
        <Announcer />
      </body>
    </html>
  );
}
