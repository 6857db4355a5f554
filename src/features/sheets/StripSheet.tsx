"use client";

import Button from "@mui/material/Button";
import { drawingSvg, stripDrawing, type Drawing, type StripLine } from "@/core/files";
import { fillStrips, type FillStrip } from "@/core/strata";
import { useOpen } from "@/store";
import { saveBytes, saveText } from "@/ui/files";
import { useLayerNames } from "@/ui/section";
import { capital, figuresIn, useSay, useUnits, useLibrary } from "@/words";
import css from "./Sheets.module.css";

const LEAST_CM = 6;

/** A strip reaches a little over its highest line, with room for that line's name. */
const lengthOf = ({ lines }: FillStrip): number =>
  Math.max(LEAST_CM, ...lines.map((line) => Math.max(line.pressedCm + 1, line.looseCm + 0.4)));

/** Both unit systems stand on the strip, whichever is chosen. */
function useStripLines(): (strip: FillStrip) => StripLine[] {
  const nameOf = useLayerNames(useOpen().habitat);
  const [metric, us] = [figuresIn("metric"), figuresIn("us")];
  return (strip) =>
    strip.lines.map((line) => ({
      pressedCm: line.pressedCm,
      looseCm: line.looseCm,
      name: short(nameOf(line.layerId)),
      figures: `${metric.printed(line.pressedCm, "length")} · ${us.printed(line.pressedCm, "length")}`,
    }));
}

const MOST_LETTERS = 24;
/** Cut in the middle: which lift it is stands at the end. */
const short = (name: string): string =>
  name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 10)}…${name.slice(-8)}` : name;

/** The fill strips as they come out of the printer, and as files at true size. */
export function StripSheet() {
  const say = useSay();
  const library = useLibrary();
  const system = useUnits();
  const { habitat, derived } = useOpen();
  const linesOf = useStripLines();
  const strips = fillStrips(habitat, derived.ground, library);
  if (habitat.strata.layers.length === 0) return <p>{say("sheets:noStrips")}</p>;
  const titled = strips.map((strip) => ({
    title: capital(say(`sheets:stripAt.${strip.place}`)),
    lengthCm: lengthOf(strip),
    lines: linesOf(strip),
  }));
  const savePdf = async () => {
    // The PDF writer is large and seldom wanted: it is loaded when it is asked for.
    const { stripsPdf } = await import("@/core/files/stripPdf");
    const bytes = await stripsPdf(
      titled,
      {
        heading: say("sheets:for", {
          name: habitat.name,
          widthCm: habitat.shell.widthCm,
          depthCm: habitat.shell.depthCm,
          heightCm: habitat.shell.heightCm,
        }),
        check: say("sheets:check", { rulerCm: 10 }),
        part: (part, parts, fromCm) => say("sheets:part", { part, parts, fromCm }),
      },
      system === "us" ? "letter" : "a4",
    );
    saveBytes("fill-strips.pdf", bytes, "application/pdf");
  };
  return (
    <>
      <p className={css.note}>{say("sheets:stripHelp")}</p>
      <div className={css.tools}>
        <Button size="small" onClick={() => void savePdf()}>
          {say("sheets:pdf")}
        </Button>
        {titled.map((strip) => (
          <Button
            key={strip.title}
            size="small"
            variant="outlined"
            onClick={() =>
              saveText(
                `fill-strip-${strip.title.toLowerCase().replaceAll(" ", "-")}.svg`,
                drawingSvg(stripDrawing(strip.lines, 0, strip.lengthCm)),
                "image/svg+xml",
              )
            }
          >
            {say("sheets:svg")}: {strip.title}
          </Button>
        ))}
      </div>
      <div className={css.strips} data-units="both">
        {titled.map((strip) => (
          <figure key={strip.title}>
            <figcaption>{strip.title}</figcaption>
            <StripPicture drawing={stripDrawing(strip.lines, 0, strip.lengthCm)} title={strip.title} />
          </figure>
        ))}
      </div>
      <p className={css.rule}>
        <i aria-hidden />
        {say("sheets:check", { rulerCm: 10 })}
      </p>
    </>
  );
}

/** A drawing at true size on paper; on the screen as large as the screen takes a centimetre to be. */
function StripPicture({ drawing, title }: { drawing: Drawing; title: string }) {
  const { widthCm, heightCm, strokes, labels } = drawing;
  const y = (cm: number) => heightCm - cm;
  return (
    <svg
      width={`${widthCm}cm`}
      height={`${heightCm}cm`}
      viewBox={`0 0 ${widthCm} ${heightCm}`}
      role="img"
      aria-label={title}
    >
      <rect width={widthCm} height={heightCm} fill="#fff" />
      {strokes.map((stroke, at) => (
        <line
          key={at}
          x1={stroke.x1}
          y1={y(stroke.y1)}
          x2={stroke.x2}
          y2={y(stroke.y2)}
          stroke="#000"
          strokeWidth={stroke.mm / 10}
          strokeDasharray={stroke.dashed ? ".16 .12" : undefined}
        />
      ))}
      {labels.map((label, at) => (
        <text
          key={at}
          x={label.x}
          y={y(label.y)}
          fontSize={label.mm / 10}
          textAnchor={label.anchor}
          fontWeight={label.bold ? 700 : 400}
          fontFamily="var(--body)"
          fill="#000"
        >
          {label.text}
        </text>
      ))}
    </svg>
  );
}
