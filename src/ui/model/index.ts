/** The box as a body to turn. Heavy, so it is only loaded when it is opened. */
import dynamic from "next/dynamic";

export const BoxModel = dynamic(() => import("./BoxModel"), { ssr: false });
