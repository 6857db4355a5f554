/**
 * What is told of a JSON document while it comes in: the members of the object it is, and, of those asked for, that a
 * list begins and the items it holds, one by one. Of a document that is no object nothing is told.
 */
export type Told = {
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
    private readonly told: Told,
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
    switch (this.state) {
      case "start":
        return sign === "{" ? this.expect(sign, { "{": "firstName" }, at) : this.begin(at);
      case "firstName":
        if (sign === "}") return this.expect(sign, { "}": "end" }, at);
        return this.begin(at);
      case "name":
        return this.begin(at);
      case "colon":
        return this.expect(sign, { ":": "value" }, at);
      case "value":
        if (sign !== "[" || !this.listed.has(this.name)) return this.begin(at);
        this.told.list(this.name);
        return this.expect(sign, { "[": "firstItem" }, at);
      case "afterValue":
        return this.expect(sign, { ",": "name", "}": "end" }, at);
      case "firstItem":
        if (sign === "]") return this.expect(sign, { "]": "afterValue" }, at);
        return this.begin(at);
      case "item":
        return this.begin(at);
      case "afterItem":
        return this.expect(sign, { ",": "item", "]": "afterValue" }, at);
      default:
        return notJson();
    }
  }

  private expect(sign: string, next: Partial<Record<string, State>>, at: number): number {
    this.state = next[sign] ?? notJson();
    return at + 1;
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

const [QUOTE, ESCAPE, COMMA] = ['"', "\\", ","].map((sign) => sign.charCodeAt(0));
const OPENS = new Set(["{", "["].map((sign) => sign.charCodeAt(0)));
const CLOSES = new Set(["}", "]"].map((sign) => sign.charCodeAt(0)));

/** Where a value ends, as far as brackets, quotes and commas tell; whether it is one, `JSON.parse` says. */
function endOf(text: string, scan: Scan): number | undefined {
  let { at, depth, inText, escaped } = scan;
  for (; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (inText) {
      if (escaped) escaped = false;
      else if (code === ESCAPE) escaped = true;
      else if (code === QUOTE) {
        inText = false;
        if (depth === 0) return at + 1;
      }
    } else if (code === QUOTE) {
      if (depth === 0 && at > scan.from) return at;
      inText = true;
    } else if (OPENS.has(code)) depth += 1;
    else if (CLOSES.has(code)) {
      if (depth === 0) return at;
      depth -= 1;
      if (depth === 0) return at + 1;
    } else if (depth === 0 && (code === COMMA || SPACE.has(text[at] ?? "") || code === COLON)) return at;
  }
  Object.assign(scan, { at, depth, inText, escaped });
  return undefined;
}

const COLON = ":".charCodeAt(0);
