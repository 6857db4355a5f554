/** What the person chose for the whole application, and the providers that carry it. */
export { Providers } from "./Providers";
