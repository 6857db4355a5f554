import { notFound } from "next/navigation";
import { isStep } from "@/features/bench/steps";
import { Step } from "./Step";

export default async function Page({ params }: { params: Promise<{ step: string }> }) {
  const { step } = await params;
  return isStep(step) ? <Step name={step} /> : notFound();
}
