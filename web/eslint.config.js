import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// Colours come from design/tokens.ts, so that contrast can be tested in one place.
const noHexColours = {
  selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$/], TemplateElement[value.raw=/#[0-9a-fA-F]{6}/]',
  message: 'Take the colour from design/tokens.ts.',
};

export default tseslint.config(
  { ignores: ['src/api/schema.d.ts', 'test-results', 'playwright-report'] },
  ...tseslint.configs.strict,
  ...tseslint.configs.stylistic,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      'max-lines': ['error', 250],
      '@typescript-eslint/no-explicit-any': 'error',
      'no-restricted-syntax': ['error', noHexColours],
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
    },
  },
  { files: ['src/design/tokens.ts', 'src/**/*.test.*'], rules: { 'no-restricted-syntax': 'off' } },
  { files: ['*.config.ts', '*.config.js', '*.cjs'], rules: { 'no-restricted-exports': 'off' } },
);
