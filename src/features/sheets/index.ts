/** What is printed or carried to the shop: shopping list, fill strips, cut sheets. */
export { Sheets } from "./Sheets";
