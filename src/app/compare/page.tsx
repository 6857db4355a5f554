import type { Metadata } from "next";
import { Compare } from "@/features/compare";

export const metadata: Metadata = { title: "Compare" };

export default function Page() {
  return <Compare />;
}
