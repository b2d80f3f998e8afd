/** The address this request came to: what links for participants begin with. */
import { headers } from "next/headers";

export async function siteAddress(): Promise<string> {
  const list = await headers();
  return `${list.get("x-forwarded-proto") ?? "http"}://${list.get("host") ?? "127.0.0.1:3000"}`;
}
