"use client";

import Button from "@mui/material/Button";
import { Component, type ReactNode } from "react";
import { STOCK } from "@/core/library";
import { sayIn } from "@/words";

type Props = {
  children: ReactNode;
  /** When this is another, what broke is drawn again by itself: another page, another state of the habitat. */
  again?: unknown;
  /** Gives the person what they made as a file. */
  onSave?: (() => void) | undefined;
};
type State = { broken: boolean; again: unknown };

/** Catches what breaks while drawing, says so, offers what was made as a file, and tries again: never a blank screen. */
export class Boundary extends Component<Props, State> {
  override state: State = { broken: false, again: this.props.again };

  static getDerivedStateFromError(): Partial<State> {
    return { broken: true };
  }

  static getDerivedStateFromProps({ again }: Props, state: State): Partial<State> | null {
    return Object.is(again, state.again) ? null : { broken: false, again };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    const say = sayIn("metric", STOCK);
    const { onSave } = this.props;
    return (
      <div role="alert" style={{ padding: 24, display: "grid", gap: 12, justifyItems: "start", alignContent: "start" }}>
        <p>{say("problems:crashed")}</p>
        <div style={{ display: "flex", gap: 12, flexWrap: "wrap" }}>
          <Button variant="contained" onClick={() => this.setState({ broken: false })}>
            {say("problems:tryAgain")}
          </Button>
          {onSave ? (
            <Button variant="outlined" onClick={onSave}>
              {say("problems:saveFile")}
            </Button>
          ) : null}
        </div>
      </div>
    );
  }
}
