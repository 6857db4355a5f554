import type { Metadata } from "next";
import { Bins } from "@/features/bins";

export const metadata: Metadata = { title: "Bins" };

export default function Page() {
  return <Bins />;
}
