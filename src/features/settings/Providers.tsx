"use client";

import InitColorSchemeScript from "@mui/material/InitColorSchemeScript";
import { ThemeProvider } from "@mui/material/styles";
import { AppRouterCacheProvider } from "@mui/material-nextjs/v16-appRouter";
import type { ReactNode } from "react";
import * as z from "zod";
import { useDeviceLibrary, useUnitSetting } from "@/store";
import { theme } from "@/ui/theme";
import { LibraryProvider, UnitsProvider } from "@/words";

// The schema library would otherwise try to compile its checks, which the security policy forbids.
z.config({ jitless: true });

/** Theme, style cache, units and library, around everything. */
export function Providers({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  const system = useUnitSetting();
  const library = useDeviceLibrary();
  return (
    <AppRouterCacheProvider options={{ key: "rn", ...(nonce === undefined ? {} : { nonce }) }}>
      <InitColorSchemeScript attribute="data-scheme" defaultMode="light" nonce={nonce ?? ""} />
      <ThemeProvider theme={theme} defaultMode="light">
        <UnitsProvider system={system}>
          <LibraryProvider library={library}>{children}</LibraryProvider>
        </UnitsProvider>
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
