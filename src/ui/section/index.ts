/** The section through the box, to scale: its body, rulers, tags, handles and miniature. */
export type { Frame, View } from "./frame";
export { Grip } from "./Grip";
export { Handle, newGesture } from "./Handle";
export { Miniature } from "./Miniature";
export { groundColor } from "./Texture";
export { materialOf, plain } from "./material";
export type { Material } from "./material";
export { OutlineDrawing } from "./OutlineDrawing";
export { solidBox } from "./pieceShape";
export { wallMaterial } from "./Walls";
export { Swatch } from "./Swatch";
export { TexturePattern } from "./Texture";
export { Tags } from "./Tags";
export type { Tag } from "./Tags";
export { BenchSection } from "./BenchSection";
export { mixName, useLayerNames } from "./useLayerNames";
export { useSize } from "./useSize";
