import { NextResponse, type NextRequest } from "next/server";
import { isStep } from "@/core/findings/steps";

/**
 * The content security policy: nothing from outside, and scripts only with this answer's nonce.
 * The solver is WebAssembly, which may be compiled; text may still not be run as script. Inline styles are allowed, as
 * React writes style attributes and the interface library writes style tags.
 */
const policyFor = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");

/** What follows a habitat in an address and is no step of the work. */
const OTHER_PLACES: readonly string[] = ["sheets", "bench"];

/** Whether an address names a place in a habitat that there is not: told before the page begins, which could not. */
function isNowhere(path: string): boolean {
  const [, place] = /^\/h\/[^/]+\/([^/]+)\/?$/.exec(path) ?? [];
  return place !== undefined && !isStep(place) && !OTHER_PLACES.includes(place);
}

export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString("base64");
  const policy = policyFor(nonce);
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("content-security-policy", policy);
  const response = isNowhere(request.nextUrl.pathname)
    ? NextResponse.rewrite(new URL("/_not-found", request.url), { request: { headers } })
    : NextResponse.next({ request: { headers } });
  response.headers.set("content-security-policy", policy);
  return response;
}

export const config = { matcher: ["/((?!_next/static|_next/image|icon.svg).*)"] };
