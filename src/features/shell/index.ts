/** The shell: inner size, sill, top. */
export { ShellStep } from "./ShellStep";
