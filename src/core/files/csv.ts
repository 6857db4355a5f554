import Papa from "papaparse";

/**
 * A table as CSV. A cell that a spreadsheet would run as a formula is made plain text.
 *
 * @param rows the first is the heading
 * @example printCsv([["Thing", "To buy"], ["Coir", "8 L"]])
 */
export const printCsv = (rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => [...row]),
    { escapeFormulae: true, newline: "\r\n" },
  )}\r\n`;
