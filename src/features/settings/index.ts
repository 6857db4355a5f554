/** What the person chose for the whole application, the providers that carry it, and pages that are not or broke. */
export { Broken, NoPage } from "./Broken";
export { Providers } from "./Providers";
