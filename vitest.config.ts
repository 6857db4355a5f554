import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const STORE = "src/store/**/*.test.ts";

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  test: {
    environment: "node",
    // Nothing is timed here: it is for what would never end, on a machine that is busy with all else.
    testTimeout: 120_000,
    setupFiles: ["src/core/library/whole.ts", "src/words/atWork.ts"],
    projects: [
      // What computes has no state to be kept from the next file, so that modules are read once for all of them.
      { extends: true, test: { name: "code", include: ["src/**/*.test.ts"], exclude: [STORE], isolate: false } },
      { extends: true, test: { name: "store", include: [STORE] } },
    ],
  },
});
