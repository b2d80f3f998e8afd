import type { Metadata, Viewport } from "next";
import { connection } from "next/server";
import type { ReactNode } from "react";
import "@/ui/tokens.css";

export const metadata: Metadata = {
  title: { default: "Elm Basket", template: "%s · Elm Basket" },
  description: "Plans, cuts, weeds, packs and teaches cut-vinyl craft classes.",
};
/** A meta tag knows no custom properties: this is the paper of tokens.css. */
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#f1ede3" };

export default async function Root({ children }: { children: ReactNode }) {
  // Made for each request: scripts bear the sign of that answer.
  await connection();
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
