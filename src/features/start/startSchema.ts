import * as z from "zod";
import { LIMITS, NameSchema, type StartingTop } from "@/core/habitat";
import { parseSize, type MeasureKind, type UnitSystem } from "@/core/units";
import { readTyped, type Limits } from "@/ui/measure";
import { capital, figuresIn, type Say } from "@/words";

/** What the start form holds: text as people type it. */
export type StartFields = {
  animalId: string;
  count: string;
  name: string;
  size: string;
  sill: string;
  top: StartingTop;
  temperature: string;
  humidity: string;
};

/** Reads the start form; every refusal names its field in plain words. */
export function startSchema(say: Say, system: UnitSystem) {
  const measure = (label: string, kind: MeasureKind, limits: Limits) =>
    z.string().transform((text, context) => {
      const read = readTyped(text, { label, kind, limits }, system, say);
      if (read.value !== undefined) return read.value;
      context.addIssue({ code: "custom", message: read.problem ?? "" });
      return z.NEVER;
    });

  const size = z.string().transform((text, context) => {
    const label = say("start:size");
    const refuse = (message: string) => {
      context.addIssue({ code: "custom", message });
      return z.NEVER;
    };
    if (text.trim() === "") return refuse(say("problems:required", { label }));
    const read = parseSize(text, system);
    if (!read.ok) {
      const { code, ...rest } = read.problem;
      return refuse(
        code === "size.notThree"
          ? say("problems:measure.notThree", { label })
          : say(`problems:${code}`, { ...rest, kind: "", label }),
      );
    }
    const [widthCm, depthCm, heightCm] = read.size;
    const { min, max } = LIMITS.boxCm;
    const sides = [
      ["shell:width", widthCm],
      ["shell:depth", depthCm],
      ["shell:height", heightCm],
    ] as const;
    const wrong = sides.find(([, cm]) => cm < min || cm > max);
    if (!wrong) return { widthCm, depthCm, heightCm };
    const told = (cm: number) => figuresIn(system).printed(cm, "length");
    return refuse(say("problems:measure.outOfRange", { label: say(wrong[0]), least: told(min), most: told(max) }));
  });

  const { min, max } = LIMITS.count;
  return z
    .object({
      animalId: z.string().min(1, { message: say("start:problems.noAnimal") }),
      count: z.string().transform((text, context) => {
        const count = Number(text);
        if (/^\d+$/.test(text.trim()) && count >= min && count <= max) return count;
        context.addIssue({
          code: "custom",
          message: say("problems:whole", { label: say("start:count"), least: min, most: max }),
        });
        return z.NEVER;
      }),
      name: z.string().superRefine((text, context) => {
        if (text.trim() === "" || NameSchema.safeParse(text).success) return;
        const key = text.length > 60 ? "tooLong" : "markup";
        context.addIssue({ code: "custom", message: say(`problems:name.${key}`) });
      }),
      size,
      sill: measure(say("start:sill"), "length", LIMITS.sillCm),
      top: z.enum(["mesh", "halfCovered", "glass"]),
      temperature: measure(`${say("start:room")}, ${say("start:roomTemperature")}`, "temperature", LIMITS.roomC),
      humidity: measure(`${say("start:room")}, ${say("start:roomHumidity")}`, "humidity", LIMITS.humidityRh),
    })
    .transform(({ size: box, sill, top, temperature, humidity, name, ...rest }) => ({
      ...rest,
      // Who gives it no name calls it by who lives in it.
      name: name.trim() === "" ? capital(say.nameOf("animals", rest.animalId)) : name,
      shell: { ...box, sillCm: sill, top },
      room: { temperatureC: temperature, humidityRh: humidity },
    }));
}

/** What the form comes to once read: ready to start a habitat from. */
export type Started = z.output<ReturnType<typeof startSchema>>;
