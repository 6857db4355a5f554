/**
 * Puts the solver's WebAssembly and the letters of printed sheets where the application serves them from: they are
 * taken from the locked packages, never fetched.
 */
import { copyFileSync, mkdirSync } from "node:fs";

mkdirSync("public", { recursive: true });
copyFileSync("node_modules/highs/build/highs.wasm", "public/highs.wasm");

/** The letters a printed sheet is set in: every one written in Latin. */
mkdirSync("public/fonts", { recursive: true });
const NOTO = "node_modules/@expo-google-fonts/noto-sans";
copyFileSync(`${NOTO}/400Regular/NotoSans_400Regular.ttf`, "public/fonts/sheet-plain.ttf");
copyFileSync(`${NOTO}/700Bold/NotoSans_700Bold.ttf`, "public/fonts/sheet-bold.ttf");
