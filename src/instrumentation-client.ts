import { config } from "zod/v4/core";

// Before any schema is made: the schema library would otherwise try to compile its checks, which the policy forbids.
config({ jitless: true });
