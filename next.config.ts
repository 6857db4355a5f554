import type { NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // `npm test` reads the types beside the build, all of them; a build by itself reads them too.
  typescript: { ignoreBuildErrors: process.env.TYPES_CHECKED === "1" },
};

export default config;
