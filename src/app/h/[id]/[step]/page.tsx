import { notFound } from "next/navigation";
import { BriefStep } from "@/features/brief";
import { BuildStep } from "@/features/build";
import { ClimateStep } from "@/features/climate";
import { CrewStep } from "@/features/crew";
import { KeepingStep } from "@/features/keeping";
import { MixStep } from "@/features/mix";
import { PlantingStep } from "@/features/planting";
import { ShellStep } from "@/features/shell";
import { StrataStep } from "@/features/strata";

const STEPS = new Map([
  ["brief", <BriefStep key="brief" />],
  ["shell", <ShellStep key="shell" />],
  ["strata", <StrataStep key="strata" />],
  ["mix", <MixStep key="mix" />],
  ["planting", <PlantingStep key="planting" />],
  ["crew", <CrewStep key="crew" />],
  ["climate", <ClimateStep key="climate" />],
  ["build", <BuildStep key="build" />],
  ["keeping", <KeepingStep key="keeping" />],
]);

export default async function Page({ params }: { params: Promise<{ step: string }> }) {
  return STEPS.get((await params).step) ?? notFound();
}
