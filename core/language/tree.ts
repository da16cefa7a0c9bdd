import type { SyntaxNode } from '@lezer/common';

/** The nodes directly below a node, in order. */
export function childrenOf(node: SyntaxNode): SyntaxNode[] {
  const children: SyntaxNode[] = [];
  for (let child = node.firstChild; child; child = child.nextSibling) children.push(child);
  return children;
}
