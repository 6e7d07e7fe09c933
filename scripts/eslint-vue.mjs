// Linting a Vue file with types is quick only if TypeScript need not build the project anew for it.
// It reads such a file from the disk whole, template and all; then the linter opens it as its
// script alone, another text, and everything is built again. So the disk gives the script as well.
import tseslint from 'typescript-eslint'
import ts from 'typescript'
import vueParser from 'vue-eslint-parser'

/** What the linter hands to TypeScript of a Vue file: of all that it parses, the longest. */
function scriptOf(text) {
  let script = ''
  const parser = {
    parseForESLint(code, options) {
      if (code.length > script.length) script = code
      return tseslint.parser.parseForESLint(code, { ...options, projectService: false })
    },
  }
  try {
    vueParser.parse(text, { parser, sourceType: 'module', ecmaVersion: 'latest' })
  } catch {
    // A file that cannot be read is told of when it is linted itself.
  }
  return script
}

const readFile = ts.sys.readFile.bind(ts.sys)
ts.sys.readFile = (path, encoding) => {
  const text = readFile(path, encoding)
  return text !== undefined && path.endsWith('.vue') ? scriptOf(text) : text
}
