// tsc and ESLint over one program: what the compiler worked out, the rules that know types do not work out again.
import { ESLint } from 'eslint';
import ts from 'typescript';
import { root } from './install.mjs';

const program = readProgram();
const faults = ts.getPreEmitDiagnostics(program);
if (faults.length > 0) {
  console.error(ts.formatDiagnostics(faults, formatHost()));
  process.exit(1);
}
const eslint = new ESLint({
  cwd: root,
  overrideConfig: [
    {
      files: ['**/*.ts', '**/*.tsx'],
      languageOptions: { parserOptions: { project: null, programs: [program] } },
    },
  ],
});
const results = await eslint.lintFiles(['.']);
const formatter = await eslint.loadFormatter('stylish');
console.error(await formatter.format(results));
if (results.length < 50 || results.some(({ errorCount, warningCount }) => errorCount + warningCount > 0))
  process.exit(1);
console.log(`${results.length} files have sound types and follow the rules.`);

function readProgram() {
  const config = ts.getParsedCommandLineOfConfigFile(
    `${root}tsconfig.json`,
    {},
    {
      ...ts.sys,
      onUnRecoverableConfigFileDiagnostic: ({ messageText }) => {
        throw new Error(ts.flattenDiagnosticMessageText(messageText, '\n'));
      },
    },
  );
  return ts.createProgram(config.fileNames, config.options);
}

function formatHost() {
  return { getCurrentDirectory: () => root, getCanonicalFileName: (name) => name, getNewLine: () => '\n' };
}
