/** The simulated hub's side of the wire. */
export { serveHub } from "./serveHub";
