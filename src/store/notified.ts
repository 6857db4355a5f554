"use client";

import { localSetting } from "./localSetting";

/** The day the keeper was last told of what is due; "off" where they do not want to be. */
export const { use: useNotified, choose: chooseNotified } = localSetting<string>(
  "rincon.notified",
  (text) => text ?? "off",
  (value) => value,
);
