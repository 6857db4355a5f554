import type { Metadata } from "next";
import { StartHabitat } from "@/features/start";

export const metadata: Metadata = { title: "Start a habitat" };

export default function Page() {
  return <StartHabitat />;
}
