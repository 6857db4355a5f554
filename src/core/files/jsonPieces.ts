/**
 * What is told of a JSON document while it comes in: the members of the object it is, and, of those asked for, that a
 * list begins and the items it holds, one by one. Of a document that is no object nothing is told.
 */
export type Listener = {
  member: (name: string, value: unknown) => void;
  list: (name: string) => void;
  item: (name: string, value: unknown) => void;
};

/** What may stand between two signs of JSON: RFC 8259, section 2. */
const SPACE = new Set([" ", "\n", "\r", "\t"]);
const notJson = (): never => {
  throw new SyntaxError("not JSON");
};

type State =
  /** Before the document, and after it. */
  | "start"
  | "end"
  /** In the object: before a name or its end, before a name, before a colon, before a value, after a value. */
  | "firstName"
  | "name"
  | "colon"
  | "value"
  | "afterValue"
  /** In a list whose items are told: before an item or its end, before an item, after an item. */
  | "firstItem"
  | "item"
  | "afterItem";

/** Which sign leads where. */
const AFTER_SIGN: Readonly<Record<State, Readonly<Partial<Record<string, State>>>>> = {
  start: { "{": "firstName" },
  end: {},
  firstName: { "}": "end" },
  name: {},
  colon: { ":": "value" },
  value: {},
  afterValue: { ",": "name", "}": "end" },
  firstItem: { "]": "afterValue" },
  item: {},
  afterItem: { ",": "item", "]": "afterValue" },
};
/** Where any other sign begins a value, or the name of one. */
const VALUE_HERE: ReadonlySet<State> = new Set<State>(["start", "firstName", "name", "value", "firstItem", "item"]);

/** A value is looked for from here on, so far into it. */
type Scan = { from: number; at: number; depth: number; inText: boolean; escaped: boolean };

/**
 * Reads a JSON document (RFC 8259) in pieces of any size. It takes just what `JSON.parse` takes, as each value is given
 * to it; but the document need never be one text, nor a long list one value.
 */
export class JsonPieces {
  private text = "";
  private state: State = "start";
  private name = "";
  private scan: Scan | undefined;

  /** @param listed members whose items are told one by one, where they are lists */
  constructor(
    private readonly told: Listener,
    private readonly listed: ReadonlySet<string>,
  ) {}

  /** @throws SyntaxError where it is no JSON */
  push(piece: string): void {
    this.text += piece;
    let at = this.scan ? this.scan.at : 0;
    while (at < this.text.length) {
      const next = this.scan ? this.onValue() : this.onSign(at);
      if (next === undefined) break;
      at = next;
    }
    this.forget(this.scan ? this.scan.from : at);
  }

  /** @throws SyntaxError where the document is not at its end */
  finish(): void {
    // A figure or a word by itself ends where the document does.
    if (this.scan && this.state === "start") this.take(JSON.parse(this.text.slice(this.scan.from)));
    if (this.state !== "end") notJson();
  }

  /** Lets go of what was read. */
  private forget(upTo: number): void {
    this.text = this.text.slice(upTo);
    if (this.scan) this.scan = { ...this.scan, from: 0, at: this.scan.at - upTo };
  }

  /** A sign between values. @returns where to go on */
  private onSign(at: number): number {
    const sign = this.text[at] ?? "";
    if (SPACE.has(sign)) return at + 1;
    if (this.beginsList(sign)) {
      this.told.list(this.name);
      this.state = "firstItem";
      return at + 1;
    }
    const next = AFTER_SIGN[this.state][sign];
    if (next) {
      this.state = next;
      return at + 1;
    }
    return VALUE_HERE.has(this.state) ? this.begin(at) : notJson();
  }

  private beginsList(sign: string): boolean {
    return this.state === "value" && sign === "[" && this.listed.has(this.name);
  }

  private begin(at: number): number {
    this.scan = { from: at, at, depth: 0, inText: false, escaped: false };
    return at;
  }

  /** Looks for the end of a value. @returns where to go on; undefined where the end is not there yet */
  private onValue(): number | undefined {
    const scan = this.scan;
    if (!scan) return undefined;
    const end = endOf(this.text, scan);
    if (end === undefined) return undefined;
    const value: unknown = JSON.parse(this.text.slice(scan.from, end));
    this.scan = undefined;
    this.take(value);
    return end;
  }

  private take(value: unknown): void {
    switch (this.state) {
      case "start":
        this.state = "end";
        return;
      case "firstName":
      case "name":
        this.name = typeof value === "string" ? value : notJson();
        this.state = "colon";
        return;
      case "value":
        this.told.member(this.name, value);
        this.state = "afterValue";
        return;
      default:
        this.told.item(this.name, value);
        this.state = "afterItem";
    }
  }
}

const codeOf = (sign: string): number => sign.charCodeAt(0);
const [QUOTE, ESCAPE] = ['"', "\\"].map(codeOf);
const OPENS = new Set(["{", "["].map(codeOf));
const CLOSES = new Set(["}", "]"].map(codeOf));
/** What ends a figure or a word. */
const PARTS = new Set([",", ":", ...SPACE].map(codeOf));

/** Where a text ends that the scan is in; undefined where it is not there yet. */
function textEnd(text: string, scan: Scan): number | undefined {
  for (; scan.at < text.length; scan.at += 1) {
    const code = text.charCodeAt(scan.at);
    if (scan.escaped) scan.escaped = false;
    else if (code === ESCAPE) scan.escaped = true;
    else if (code === QUOTE) return scan.at + 1;
  }
  return undefined;
}

/** What a sign outside of texts does to a value: whether it ends before it, after it, or not yet. */
function outside(code: number, scan: Scan): "before" | "after" | undefined {
  if (OPENS.has(code)) scan.depth += 1;
  else if (CLOSES.has(code)) {
    if (scan.depth === 0) return "before";
    scan.depth -= 1;
    if (scan.depth === 0) return "after";
  } else if (scan.depth === 0 && PARTS.has(code)) return "before";
  return undefined;
}

/** Where a value ends, as far as brackets, quotes and commas tell; whether it is one, `JSON.parse` says. */
function endOf(text: string, scan: Scan): number | undefined {
  while (scan.at < text.length) {
    if (scan.inText) {
      const end = textEnd(text, scan);
      if (end === undefined) return undefined;
      [scan.at, scan.inText] = [end, false];
      if (scan.depth === 0) return end;
      continue;
    }
    const code = text.charCodeAt(scan.at);
    if (code === QUOTE) {
      if (scan.depth === 0 && scan.at > scan.from) return scan.at;
      scan.inText = true;
    } else {
      const ends = outside(code, scan);
      if (ends !== undefined) return ends === "before" ? scan.at : scan.at + 1;
    }
    scan.at += 1;
  }
  return undefined;
}
