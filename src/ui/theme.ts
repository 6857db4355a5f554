"use client";

import { createTheme } from "@mui/material/styles";

const BODY = '"Figtree Variable", system-ui, sans-serif';
const HEAD = '"Bricolage Grotesque Variable", "Figtree Variable", sans-serif';

/** Day: paper and ink. Night: dim and warm, for a frog room after lights-out. The same names as in globals.css. */
const day = {
  ground: "#f3f1ea",
  sheet: "#fbfaf6",
  ink: "#22302a",
  soft: "#56635b",
  line: "#d8d5c8",
  moss: "#2c4f39",
  ochre: "#7a5a10",
  rust: "#a63d2f",
  water: "#246c7e",
};
const night = {
  ground: "#15110d",
  sheet: "#1d1813",
  ink: "#eadfce",
  soft: "#b0a28d",
  line: "#40372c",
  moss: "#9cc29a",
  ochre: "#e0b45a",
  rust: "#ea9a86",
  water: "#86c3d1",
};

const palette = (c: typeof day, mode: "light" | "dark") => ({
  mode,
  background: { default: c.ground, paper: c.sheet },
  text: { primary: c.ink, secondary: c.soft },
  divider: c.line,
  primary: { main: c.moss, contrastText: mode === "light" ? "#ffffff" : "#15110d" },
  secondary: { main: c.ink, contrastText: c.sheet },
  warning: { main: c.ochre },
  error: { main: c.rust },
  info: { main: c.water },
});

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: "data-scheme" },
  colorSchemes: { light: { palette: palette(day, "light") }, dark: { palette: palette(night, "dark") } },
  shape: { borderRadius: 8 },
  typography: {
    fontFamily: BODY,
    fontSize: 14,
    h1: { fontFamily: HEAD, fontWeight: 650, fontSize: "1.5rem", letterSpacing: "-0.01em", lineHeight: 1.2 },
    h2: { fontFamily: HEAD, fontWeight: 650, fontSize: "1.3rem", letterSpacing: "-0.01em", lineHeight: 1.25 },
    h3: { fontFamily: HEAD, fontWeight: 650, fontSize: "1rem", lineHeight: 1.3 },
    button: { textTransform: "none", fontWeight: 600, letterSpacing: 0 },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: "contained" },
      styleOverrides: {
        root: {
          borderRadius: 8,
          padding: "6px 13px",
          lineHeight: 1.35,
          "&:focus-visible": { outline: "2px solid var(--ink)", outlineOffset: 2 },
        },
        outlined: {
          borderColor: "var(--line)",
          background: "var(--card)",
          color: "var(--ink)",
          "&:hover": { borderColor: "var(--soft)", background: "var(--card)" },
        },
      },
    },
    MuiIconButton: {
      styleOverrides: {
        root: { color: "var(--ink)", borderRadius: 8, "&:focus-visible": { outline: "2px solid var(--ink)" } },
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          background: "var(--card)",
          "& fieldset": { borderColor: "var(--line)" },
          "&:hover fieldset": { borderColor: "var(--soft) !important" },
        },
        input: { padding: "9px 12px", fontSize: 15, "@media (max-width: 900px)": { fontSize: 16 } },
      },
    },
    MuiTextField: { defaultProps: { size: "small", fullWidth: true } },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: "none" } } },
    MuiMenu: { styleOverrides: { paper: { border: "1px solid var(--line)", borderRadius: 10 } } },
    MuiDialog: {
      styleOverrides: { paper: { border: "1px solid var(--line)", borderRadius: 14, background: "var(--sheet)" } },
    },
    MuiDialogTitle: { styleOverrides: { root: { fontFamily: HEAD, fontWeight: 650, paddingBottom: 8 } } },
    MuiCheckbox: { styleOverrides: { root: { padding: 6, color: "var(--soft)" } } },
    MuiTooltip: {
      styleOverrides: { tooltip: { background: "var(--ink)", color: "var(--sheet)", fontSize: 12.5, fontWeight: 500 } },
    },
    MuiSnackbarContent: {
      styleOverrides: { root: { background: "var(--ink)", color: "var(--sheet)", borderRadius: 10 } },
    },
  },
});
