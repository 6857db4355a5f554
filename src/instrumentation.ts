/**
 * Runs once before the server answers. TRACE is refused here: it would echo what a browser sends, and the framework has
 * no word for it but an error.
 */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { refuseTrace } = await import("@/features/hub/refuseTrace");
  refuseTrace();
}
