import type { Metadata } from "next";
import { Backup } from "@/features/backup";

export const metadata: Metadata = { title: "Kept safe" };

export default function Page() {
  return <Backup />;
}
