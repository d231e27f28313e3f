// Two small extensions of the editor: blocks keep their ids, and contradictions are marked where they stand.
import { Extension } from "@tiptap/core";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { Decoration, DecorationSet, type EditorView } from "@tiptap/pm/view";
import type { Block, Ref } from "../../api/types";

export const BlockIds = Extension.create({
  name: "blockIds",
  addGlobalAttributes() {
    return [{ types: ["heading", "paragraph"], attributes: { blockId: { default: null, keepOnSplit: false, rendered: false } } }];
  },
});

const key = new PluginKey<DecorationSet>("queries");

export const Queries = Extension.create<{ refs: () => Ref[] }>({
  name: "queries",
  addOptions() {
    return { refs: () => [] };
  },
  addProseMirrorPlugins() {
    const refs = this.options.refs;
    return [
      new Plugin({
        key,
        props: {
          decorations(state) {
            const wanted = refs();
            if (!wanted.length) return DecorationSet.empty;
            const found: Decoration[] = [];
            state.doc.descendants((node, pos) => {
              for (const ref of wanted) {
                if (node.isTextblock && node.attrs.blockId === ref.block) found.push(Decoration.inline(pos + 1 + ref.start, Math.min(pos + 1 + ref.end, pos + node.nodeSize - 1), { class: "query" }));
              }
            });
            return DecorationSet.create(state.doc, found);
          },
        },
      }),
    ];
  },
});

/** Gives new blocks their ids inside the editor too, so that the next comparison knows them again. */
export function stamp(view: EditorView, blocks: Block[]) {
  let at = 0;
  const transaction = view.state.tr.setMeta("addToHistory", false);
  view.state.doc.descendants((node, pos) => {
    if (node.isTextblock && node.textContent.trim() && (node.type.name === "paragraph" || node.type.name === "heading")) {
      const id = blocks[at]?.id;
      at += 1;
      if (id && node.attrs.blockId !== id) transaction.setNodeAttribute(pos, "blockId", id);
    }
  });
  if (transaction.docChanged) view.dispatch(transaction);
}
