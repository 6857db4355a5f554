import type { Metadata } from "next";
import { AtBench } from "@/features/build";

export const metadata: Metadata = { title: "At the bench" };

export default function Page() {
  return <AtBench />;
}
