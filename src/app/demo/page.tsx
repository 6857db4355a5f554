import type { Metadata } from "next";
import { DemoShelf } from "@/features/demo";

export const metadata: Metadata = { title: "Demo shelf" };

export default function Page() {
  return <DemoShelf />;
}
