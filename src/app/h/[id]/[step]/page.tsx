import { notFound } from "next/navigation";
import type { ComponentType } from "react";
import { BriefStep } from "@/features/brief";
import { BuildStep } from "@/features/build";
import { ClimateStep } from "@/features/climate";
import { CrewStep } from "@/features/crew";
import { KeepingStep } from "@/features/keeping";
import { MixStep } from "@/features/mix";
import { PlantingStep } from "@/features/planting";
import { ShellStep } from "@/features/shell";
import { StrataStep } from "@/features/strata";

const STEPS: Record<string, ComponentType> = {
  brief: BriefStep, shell: ShellStep, strata: StrataStep, mix: MixStep, planting: PlantingStep, crew: CrewStep,
  climate: ClimateStep, build: BuildStep, keeping: KeepingStep,
};

export default async function Page({ params }: { params: Promise<{ step: string }> }) {
  const Step = STEPS[(await params).step] ?? notFound();
  return <Step />;
}
