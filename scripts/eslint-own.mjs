import ts from 'typescript'

/** A table that takes any text as its key, as its type says. */
function isTable(checker, type) {
  return type.isUnion()
    ? type.types.some((one) => isTable(checker, one))
    : !!checker.getIndexInfoOfType(type, ts.IndexKind.String) && !checker.isArrayType(type)
}
/** A key of which nothing is known but that it is a text; a literal or one of a few is known. */
const isAnyText = (type) => (type.flags & ts.TypeFlags.String) !== 0

const isWritten = (node, parent = node.parent) =>
  (parent.type === 'AssignmentExpression' && parent.left === node) ||
  (parent.type === 'UnaryExpression' && parent.operator === 'delete')

/**
 * An id is any text, and may be called `constructor`: what stands under it in a
 * table is read with `own`, which finds nothing that all objects inherit.
 */
export const ownProperties = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { own: 'A key may be called `constructor`: read the table with own().' },
  },
  create(context) {
    const services = context.sourceCode.parserServices
    if (!services?.program) return {}
    const checker = services.program.getTypeChecker()
    const check = (node, table, key) => {
      if (
        isAnyText(services.getTypeAtLocation(key)) &&
        isTable(checker, services.getTypeAtLocation(table))
      )
        context.report({ node, messageId: 'own' })
    }
    return {
      MemberExpression(node) {
        if (node.computed && !isWritten(node)) check(node, node.object, node.property)
      },
      'BinaryExpression[operator="in"]'(node) {
        check(node, node.right, node.left)
      },
    }
  },
}
