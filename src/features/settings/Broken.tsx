"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { chooseUnits, fileOnScreen, rawFile } from "@/store";
import { saveFile } from "@/ui/files";
import { PlainPage } from "@/ui/parts";
import { useSay } from "@/words";

/** The habitat a page is of, by its address. */
const habitatIn = (path: string): string | undefined => /^\/h\/([^/]+)/.exec(path)?.[1];

/** A habitat as it is on the screen, or as its rows lie where even that breaks. */
async function save(id: string): Promise<void> {
  saveFile((await fileOnScreen().catch(() => undefined)) ?? (await rawFile(id)));
}

/** A page that broke: said plainly, with what was made as a file, a way on and a way back. */
export function Broken({ onAgain }: { onAgain: () => void }) {
  const say = useSay();
  const id = habitatIn(usePathname());
  return (
    <PlainPage onUnits={chooseUnits}>
      <h1>{say("problems:crashedTitle")}</h1>
      <p role="alert">{say("problems:crashed")}</p>
      <Button variant="contained" onClick={onAgain}>
        {say("problems:tryAgain")}
      </Button>
      {id === undefined ? (
        <Button variant="outlined" component={Link} href="/backup">
          {say("backup:trouble.toBackup")}
        </Button>
      ) : (
        <Button variant="outlined" onClick={() => void save(id)}>
          {say("problems:saveFile")}
        </Button>
      )}
      <Button component={Link} href="/">
        {say("problems:backToShelf")}
      </Button>
    </PlainPage>
  );
}

/** There is no such page. */
export function NoPage() {
  const say = useSay();
  return (
    <PlainPage onUnits={chooseUnits}>
      <h1>{say("problems:noPage")}</h1>
      <Button component={Link} href="/">
        {say("problems:backToShelf")}
      </Button>
    </PlainPage>
  );
}
