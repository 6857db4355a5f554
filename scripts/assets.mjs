/**
 * Puts the solver's WebAssembly where the application serves it from: it is taken from the locked package, never
 * fetched.
 */
import { copyFileSync, mkdirSync } from "node:fs";

mkdirSync("public", { recursive: true });
copyFileSync("node_modules/highs/build/highs.wasm", "public/highs.wasm");
