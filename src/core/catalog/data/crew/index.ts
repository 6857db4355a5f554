import { springtails } from "./springtails";
import { isopods } from "./isopods";
import { beetles } from "./beetles";
import { others } from "./others";
import { water } from "./water";

export const crew = [...springtails, ...isopods, ...beetles, ...others, ...water];
