"use client";

import InitColorSchemeScript from "@mui/material/InitColorSchemeScript";
import { ThemeProvider } from "@mui/material/styles";
import { AppRouterCacheProvider } from "@mui/material-nextjs/v16-appRouter";
import dynamic from "next/dynamic";
import type { ReactNode } from "react";
import { useDeviceLibrary, useTrouble, useUnitSetting } from "@/store";
import { theme } from "@/ui/theme";
import { LibraryProvider, UnitsProvider } from "@/words";

/** Read once there is trouble. */
const TroubleBar = dynamic(async () => (await import("./TroubleBar")).TroubleBar, { ssr: false });

/** Theme, style cache, units and library, around everything. */
export function Providers({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  const system = useUnitSetting();
  const library = useDeviceLibrary();
  const trouble = useTrouble(({ trouble: told }) => told);
  return (
    <AppRouterCacheProvider options={{ key: "rn", ...(nonce === undefined ? {} : { nonce }) }}>
      <InitColorSchemeScript attribute="data-scheme" defaultMode="light" nonce={nonce ?? ""} />
      <ThemeProvider theme={theme} defaultMode="light">
        <UnitsProvider system={system}>
          <LibraryProvider library={library}>
            {children}
            {trouble ? <TroubleBar trouble={trouble} /> : null}
          </LibraryProvider>
        </UnitsProvider>
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
