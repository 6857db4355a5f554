import type { NextConfig } from "next";

/** What no page needs of the device. A photograph is chosen as a file. */
const NOT_NEEDED = ["camera", "microphone", "geolocation", "payment", "usb", "serial", "midi"];

/** On every answer, scripts and pictures too. The policy for content is each page's own: see `src/proxy.ts`. */
const HEADERS = {
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "Permissions-Policy": NOT_NEEDED.map((feature) => `${feature}=()`).join(", "),
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
};

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // `npm test` reads the types beside the build, all of them; a build by itself reads them too.
  typescript: { ignoreBuildErrors: process.env.TYPES_CHECKED === "1" },
  headers: async () => [
    { source: "/:path*", headers: Object.entries(HEADERS).map(([key, value]) => ({ key, value })) },
  ],
};

export default config;
