import * as z from "zod";

// Before any schema is made: the schema library would otherwise try to compile its checks, which the policy forbids.
z.config({ jitless: true });
