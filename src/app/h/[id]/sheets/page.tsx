import type { Metadata } from "next";
import { Sheets } from "@/features/sheets";

export const metadata: Metadata = { title: "Sheets" };

export default function Page() {
  return <Sheets />;
}
