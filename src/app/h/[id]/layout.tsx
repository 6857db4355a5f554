import type { ReactNode } from "react";
import { BenchLayout } from "@/features/bench";

export default async function Layout({ children, params }: { children: ReactNode; params: Promise<{ id: string }> }) {
  return <BenchLayout id={(await params).id}>{children}</BenchLayout>;
}
