/** Parts every place is made of: header, workbench halves, key figures, facts, cautions. */
export { AppHeader } from "./AppHeader";
export { PlainPage } from "./PlainPage";
export { Bands } from "./Bands";
export { Boundary } from "./Boundary";
export { Cautions } from "./Cautions";
export { FileButton } from "./FileButton";
export { Fact, Facts } from "./Facts";
export { Tile, Tiles } from "./Tile";
export { LedgerHead, LedgerPart, Workbench } from "./Workbench";
export { LastWritten } from "./LastWritten";
export { Minding } from "./Minding";
export { Pills } from "./Pills";
export { WishedNote } from "./WishedNote";
export { useNow } from "./useNow";
