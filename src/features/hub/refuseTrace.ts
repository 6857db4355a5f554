import { Server, type IncomingMessage, type ServerResponse } from "node:http";

/** Answers every TRACE with 405 (RFC 9110, section 15.5.6) before anything else looks at it. */
export function refuseTrace(): void {
  // eslint-disable-next-line @typescript-eslint/unbound-method -- it is applied to its server below
  const emit = Server.prototype.emit as (this: Server, ...told: unknown[]) => boolean;
  Server.prototype.emit = function (this: Server, ...told: unknown[]): boolean {
    const [event, request, response] = told as [string, IncomingMessage | undefined, ServerResponse | undefined];
    if (event !== "request" || request?.method !== "TRACE") return emit.apply(this, told);
    response?.writeHead(405, { allow: "GET, HEAD" }).end();
    return true;
  };
}
