import nextVitals from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";
import tseslint from "typescript-eslint";

const MOST_LINES = 400;
const MOST_BRANCHES = 15;

/** Entries of the catalogue: the compiler and their schemas hold them, and there is nothing else in them to be typed. */
const DATA = "src/core/catalog/data/**";
/** Where components and hooks are. Their rules look long at each file. */
const DRAWN = ["src/{app,features,store,ui,words}/**/*.{ts,tsx}"];

const typeChecked = tseslint.configs.recommendedTypeChecked.map((config) => ({
  ...config,
  files: ["**/*.ts", "**/*.tsx"],
}));

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "test-results/**"] },
  // Those that say for what files they are, and ignores, stay as they are.
  ...nextVitals.map((one) => (one.rules ? { ...one, files: DRAWN } : one)),
  ...nextTypescript,
  ...typeChecked,
  {
    files: ["**/*.ts", "**/*.tsx"],
    languageOptions: { parserOptions: { project: "tsconfig.json", tsconfigRootDir: import.meta.dirname } },
    rules: {
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      // A promise that a handler starts is the handler's own affair.
      "@typescript-eslint/no-misused-promises": ["error", { checksVoidReturn: { attributes: false } }],
      // Jobs and ports answer with promises whether they have to wait or not.
      "@typescript-eslint/require-await": "off",
    },
  },
  {
    files: ["**/*.test.ts", "**/*.spec.ts"],
    // What a matcher stands for is of any type.
    rules: { "@typescript-eslint/no-unsafe-assignment": "off" },
  },
  { files: [DATA], ...tseslint.configs.disableTypeChecked },
  { rules: { "max-lines": ["error", { max: MOST_LINES }], complexity: ["error", { max: MOST_BRANCHES }] } },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: "The core is deterministic: pass a clock.",
        },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: "The core is deterministic: pass a seed.",
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: "The core is deterministic: pass a clock.",
        },
      ],
    },
  },
];

export default config;
