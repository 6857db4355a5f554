import { serveHub } from "@/features/hub";

export const GET = (request: Request): Response => serveHub(request);
