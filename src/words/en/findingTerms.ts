/** The words about findings as a whole. */
const terms = {
  title: "Findings",
  none: "Nothing wrong that Rincon can see.",
  harm: "Harms",
  look: "Worth a look",
  opinion: "Opinion",
  countHarm_one: "{{count}} finding that harms",
  countHarm_other: "{{count}} findings, one at least harms",
  countLook_one: "{{count}} finding",
  countLook_other: "{{count}} findings",
  countOpinion_one: "{{count}} opinion",
  countOpinion_other: "{{count}} opinions",
  goTo: "Open {{step}}",
  nth: "{{nth}} of {{count}}",
  next: "{{nth}} of {{count}} alike: show the next",
  rebuild: "Rebuild: {{what}}",
  also: "with it: {{what}}",
  brings: "The same air is wrong for {{names}}.",
} as const;

export default terms;
