/** The section through the box, to scale: its body, rulers, tags, handles and miniature. */
export { acrossOf, fittingScale, footOf, frameOf, VIEWS } from "./frame";
export type { Frame, Margins, View } from "./frame";
export { Handle, newGesture } from "./Handle";
export { Miniature } from "./Miniature";
export { groundColor } from "./Texture";
export { ingredientLook, materialOf, mixMaterial, plain } from "./material";
export type { Material } from "./material";
export { Rulers } from "./Rulers";
export { plantFootCm, SectionBody } from "./SectionBody";
export { Swatch } from "./Swatch";
export { TexturePattern } from "./Texture";
export { spreadTags, Tags } from "./Tags";
export type { Tag } from "./Tags";
export { BenchSection } from "./BenchSection";
export { mixName, useLayerNames } from "./useLayerNames";
export { useSize } from "./useSize";
