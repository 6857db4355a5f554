import type { Metadata } from "next";
import { Library } from "@/features/library";

export const metadata: Metadata = { title: "Library" };

export default function Page() {
  return <Library />;
}
