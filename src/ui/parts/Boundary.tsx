"use client";

import Button from "@mui/material/Button";
import { Component, type ReactNode } from "react";
import { STOCK } from "@/core/library";
import { sayIn } from "@/words";

/** Catches what breaks while drawing, says so, and lets one try again: never a blank screen. */
export class Boundary extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    const say = sayIn("metric", STOCK);
    return (
      <div role="alert" style={{ padding: 24, display: "grid", gap: 12, justifyItems: "start" }}>
        <p>{say("problems:crashed")}</p>
        <Button onClick={() => this.setState({ broken: false })}>{say("problems:tryAgain")}</Button>
      </div>
    );
  }
}
