"use client";

import DarkModeOutlined from "@mui/icons-material/DarkModeOutlined";
import LightModeOutlined from "@mui/icons-material/LightModeOutlined";
import IconButton from "@mui/material/IconButton";
import { useColorScheme } from "@mui/material/styles";
import Link from "next/link";
import type { ReactNode } from "react";
import type { UnitSystem } from "@/core/units";
import { useSay, useUnits } from "@/words";
import { useNight } from "../useNight";
import css from "./AppHeader.module.css";

type Props = {
  /** Which of the great places this is, to mark it. */
  place?: "shelf" | "bins" | "library";
  /** What stands beside the name: where one is. */
  middle?: ReactNode;
  right?: ReactNode;
  onUnits: (system: UnitSystem) => void;
};

/** The strip along the top: name, places, units, day and night. */
export function AppHeader({ place, middle, right, onUnits }: Props) {
  const say = useSay();
  const system = useUnits();
  return (
    <header className={css.header}>
      <a className="skip" href="#work">
        {say("common:skip")}
      </a>
      <Link href="/" className={css.brand} aria-label={`${say("common:appName")}, ${say("common:shelf")}`}>
        <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden>
          <path d="M3 3v18h18" fill="none" stroke="var(--ink)" strokeWidth="2.6" />
          <path d="M7 17c0-6 4-9 10-10-1 6-4 10-10 10z" fill="var(--moss)" />
        </svg>
        <b>{say("common:appName")}</b>
      </Link>
      {place ? (
        <nav className={css.places} aria-label={say("common:appName")}>
          <Link href="/" className={css.pill} aria-current={place === "shelf" ? "page" : undefined}>
            {say("common:shelf")}
          </Link>
          <Link href="/bins" className={css.pill} aria-current={place === "bins" ? "page" : undefined}>
            {say("common:bins")}
          </Link>
          <Link href="/library" className={css.pill} aria-current={place === "library" ? "page" : undefined}>
            {say("common:library")}
          </Link>
        </nav>
      ) : null}
      <div className={css.middle}>{middle}</div>
      <div className={css.right}>{right}</div>
      <button
        type="button"
        className={css.pill}
        onClick={() => onUnits(system === "us" ? "metric" : "us")}
        aria-label={say(system === "us" ? "common:switchToMetric" : "common:switchToUs")}
      >
        {say(system === "us" ? "common:unitsUs" : "common:unitsMetric")}
      </button>
      <NightSwitch />
    </header>
  );
}

function NightSwitch() {
  const say = useSay();
  const { setMode } = useColorScheme();
  const night = useNight();
  const label = say(night ? "common:toDay" : "common:toNight");
  return (
    <IconButton size="small" title={label} aria-label={label} onClick={() => setMode(night ? "light" : "dark")}>
      {night ? <LightModeOutlined fontSize="small" /> : <DarkModeOutlined fontSize="small" />}
    </IconButton>
  );
}
