import { NoPage } from "@/features/settings";

export default function Page() {
  return <NoPage />;
}
