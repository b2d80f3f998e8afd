/** Before every page and route: what cannot be read as an address is refused here. */
import { type NextRequest, NextResponse } from "next/server";

export const config = { matcher: "/((?!_next/static/).*)" };

export function proxy(request: NextRequest): NextResponse {
  return isAddress(request.nextUrl.pathname)
    ? NextResponse.next()
    : new NextResponse("There is no such address here.", { status: 404 });
}

/** Well-formed, and without a sign that no address has. */
function isAddress(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes("\0");
  } catch {
    return false;
  }
}
