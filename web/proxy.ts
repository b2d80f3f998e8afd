/**
 * Before every page and route: what cannot be read as an address is refused, and scripts run only
 * with the sign of this answer.
 */
import { randomBytes } from "node:crypto";
import { type NextRequest, NextResponse } from "next/server";

/**
 * Not before what a thousand phones ask for at once: those answers hold no scripts. But before every
 * address that is written with signs of its own.
 */
export const config = {
  matcher: [
    "/((?!_next/static/|health|[a-z]+/[^/]+/(?:events|says|seat|marks|film|choose|planning|cutting|searching)$).*)",
    "/(.*%.*)",
  ],
};

const POLICY = "content-security-policy";

export function proxy(request: NextRequest): NextResponse {
  if (!isAddress(request.nextUrl.pathname))
    return new NextResponse("There is no such address here.", { status: 404 });
  // The development build evaluates code.
  if (process.env.NODE_ENV !== "production") return NextResponse.next();
  const policy = policyWith(randomBytes(16).toString("base64"));
  // The framework reads the sign from the request and gives it to its own scripts.
  const headers = new Headers(request.headers);
  headers.set(POLICY, policy);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set(POLICY, policy);
  // Who came by TLS once comes by TLS from then on.
  if (process.env.ELM_HTTPS === "1")
    answer.headers.set("strict-transport-security", "max-age=31536000");
  return answer;
}

const policyWith = (nonce: string): string =>
  [
    "default-src 'self'",
    // Chunks come from here; the shaping of letters is WebAssembly.
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'`,
    // Drawings carry their colours and places as style attributes.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join("; ");

/** Well-formed, and without a sign that no address has. */
function isAddress(path: string): boolean {
  try {
    return !decodeURIComponent(path).includes("\0");
  } catch {
    return false;
  }
}
