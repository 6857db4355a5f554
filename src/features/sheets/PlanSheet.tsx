"use client";

import Button from "@mui/material/Button";
import type { SheetSection } from "@/core/files";
import { useOpen, useToday } from "@/store";
import { saveBytes } from "@/ui/files";
import { groundColor, materialOf, Miniature, useLayerNames } from "@/ui/section";
import { boxSize, useFigures, useLibrary, useSay, useUnits } from "@/words";
import { SheetRows } from "./SheetRows";
import css from "./Sheets.module.css";
import { usePlanParts } from "./usePlanParts";

const SECTION_PX = 420;
const MOST_PX_PER_CM = 6;
const FONTS = { plain: ["/fonts/sheet-plain.ttf"], bold: ["/fonts/sheet-bold.ttf"] };

const read = async (path: string): Promise<Uint8Array> => new Uint8Array(await (await fetch(path)).arrayBuffer());

/** The section as stripes with their lines, for paper. */
function useSheetSection(): SheetSection {
  const figures = useFigures();
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  const nameOf = useLayerNames(habitat);
  const bands = derived.ground.levels.flatMap((level) => {
    const layer = habitat.strata.layers.find(({ id }) => id === level.layerId);
    if (!layer) return [];
    return [
      {
        fromCm: level.bottom.frontCm,
        toCm: level.top.frontCm,
        color: groundColor(materialOf(layer, habitat, library)),
        label: `${nameOf(level.layerId)}, ${figures.printed(level.top.frontCm, "length")}`,
      },
    ];
  });
  return { widthCm: habitat.shell.widthCm, heightCm: habitat.shell.heightCm, bands };
}

/** The whole build on paper: section and fill lines, batches, steps by their days, plants, crew, gear, cautions. */
export function PlanSheet() {
  const say = useSay();
  const system = useUnits();
  const today = useToday();
  const { habitat, derived } = useOpen();
  const parts = usePlanParts();
  const section = useSheetSection();
  const savePdf = async () => {
    // The PDF writer and its letters are large and seldom wanted: they are loaded when they are asked for.
    const [{ sheetPdf }, plain, bold] = await Promise.all([
      import("@/core/files/sheetPdf"),
      Promise.all(FONTS.plain.map(read)),
      Promise.all(FONTS.bold.map(read)),
    ]);
    const asked = {
      heading: `${habitat.name}: ${say("sheets:kinds.plan")}`,
      sub: `${say("sheets:for", { name: habitat.name, ...boxSize(habitat.shell) })} · ${say("sheets:made", { madeOn: today })}`,
      ...{ section, parts },
      pageSaid: (page: number, pages: number) => say("sheets:plan.page", { page, pages }),
    };
    saveBytes(
      `${habitat.name}.pdf`,
      await sheetPdf(asked, { plain, bold }, system === "us" ? "letter" : "a4"),
      "application/pdf",
    );
  };
  return (
    <div className={css.plan}>
      <div className={css.tools}>
        <Button size="small" variant="outlined" onClick={() => void savePdf()}>
          {say("sheets:plan.pdf")}
        </Button>
      </div>
      <Miniature
        habitat={habitat}
        ground={derived.ground}
        pxPerCm={Math.min(MOST_PX_PER_CM, SECTION_PX / habitat.shell.widthCm)}
        label={habitat.name}
      />
      {parts.map((part) => (
        <SheetRows key={part.title} part={part} />
      ))}
    </div>
  );
}
