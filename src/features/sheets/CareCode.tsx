"use client";

import { create } from "qrcode";
import { fileName } from "@/core/files";
import { useOpen } from "@/store";
import { useSay } from "@/words";
import css from "./Sheets.module.css";

const QUIET = 4;

/** A square code of the habitat's name and its file: held before a phone, it says which file this box is. */
export function CareCode() {
  const say = useSay();
  const { habitat } = useOpen();
  const text = say("sheets:careCode", { name: habitat.name, file: fileName(habitat) });
  const { modules } = create(text, { errorCorrectionLevel: "M" });
  const size = modules.size + 2 * QUIET;
  const dark = Array.from(modules.data, (bit, at) =>
    bit ? `M${QUIET + (at % modules.size)} ${QUIET + Math.floor(at / modules.size)}h1v1h-1z` : "",
  ).join("");
  return (
    <svg className={css.code} viewBox={`0 0 ${size} ${size}`} role="img" aria-label={text} shapeRendering="crispEdges">
      <rect width={size} height={size} fill="#fff" />
      <path d={dark} fill="#000" />
    </svg>
  );
}
