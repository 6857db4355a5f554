import { Shelf } from "@/features/shelf";

export default function Page() {
  return <Shelf />;
}
