import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// Colours come from design/tokens.ts, so that contrast can be tested in one place.
const noHexColours = {
  selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$/], TemplateElement[value.raw=/#[0-9a-fA-F]{6}/]',
  message: 'Take the colour from design/tokens.ts.',
};

// A call that is tied to nothing compiles whatever it asks: addresses go through api/client.ts, which knows the API description.
const untied = [
  {
    selector: "CallExpression[callee.name='fetch'], NewExpression[callee.name='XMLHttpRequest']",
    message: 'Call the server through api/client.ts: call, fetchFile, sendFile.',
  },
  {
    selector: 'TemplateLiteral > TemplateElement:first-child[value.raw=/^\\u002fapi\\u002f/]',
    message: 'Let api/client.ts put the address together: call, href, outgoing.',
  },
];

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts', 'test-results', 'playwright-report'] },
  ...tseslint.configs.strict,
  ...tseslint.configs.stylistic,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      'max-lines': ['error', 250],
      '@typescript-eslint/no-explicit-any': 'error',
      'no-restricted-syntax': ['error', noHexColours, ...untied],
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
    },
  },
  { files: ['src/design/tokens.ts'], rules: { 'no-restricted-syntax': ['error', ...untied] } },
  { files: ['src/api/client.ts'], rules: { 'no-restricted-syntax': ['error', noHexColours, untied[1]] } },
  {
    files: ['src/**/*.test.*', 'src/testing/**', 'e2e/**', 'scripts/**'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  { files: ['*.config.ts', '*.config.js', '*.cjs'], rules: { 'no-restricted-exports': 'off' } },
);
