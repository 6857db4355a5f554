import { existsSync } from "node:fs";

const KNOWN = ["/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome"];

/** Where Chromium is: the CHROMIUM variable, else the usual places. */
export const chromiumPath = (): string | undefined =>
  [process.env.CHROMIUM ?? "", ...KNOWN].find((path) => path !== "" && existsSync(path));

/**
 * What no test needs. The address bar's own pages cost a second and a half of work for each page that is opened; a flag
 * told here takes the place of the driver's, so its are told again.
 */
const NOT_NEEDED = [
  ...["WebUIOmniboxPopup", "WebUIOmniboxAimPopup"],
  ...["AvoidUnnecessaryBeforeUnloadCheckSync", "DestroyProfileOnBrowserClose", "HttpsUpgrades", "LensOverlay"],
  ...["HttpsFirstBalancedModeAutoEnable", "MediaRouter", "PaintHolding", "ThirdPartyStoragePartitioning"],
  ...["OptimizationHints", "NetworkTimeServiceQuerying", "AimEnabled", "PreconnectToSearch"],
];

export const CHROMIUM_FLAGS = [
  `--disable-features=${NOT_NEEDED.join(",")}`,
  "--no-sandbox",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--enable-unsafe-swiftshader",
];
