import nextVitals from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "test-results/**"] },
  ...nextVitals,
  ...nextTypescript,
  {
    rules: {
      "max-lines": ["error", { max: 400 }],
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
    },
  },
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
