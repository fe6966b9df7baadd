// Lists every sentence and label a person may read: text and attributes of pages, strings of scripts and of Java.
import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import { createRequire } from "node:module";

const house = new URL("..", import.meta.url).pathname;
const { parse } = createRequire(join(house, "web/package.json"))(
  "svelte/compiler",
);

/** Attributes whose values are read, by a person or aloud. */
const READ = new Set([
  "label",
  "title",
  "alt",
  "placeholder",
  "aria-label",
  "hint",
  "says",
  "text",
  "tag",
  "why",
  "name",
]);
const CODE = /^[a-z0-9_./#:?=&%-]+$|^[A-Z0-9_]+$|^[MLCZ][\d .,-]+/;

function files(folder, end) {
  return readdirSync(join(house, folder), {
    recursive: true,
    withFileTypes: true,
  })
    .filter(
      (f) =>
        f.isFile() &&
        f.name.endsWith(end) &&
        !/\.test\.|schema\.d/.test(f.name),
    )
    .map((f) => join(f.parentPath, f.name))
    .sort();
}

function wordy(text) {
  return /[A-Za-z]{2}/.test(text) && /[ A-Z.…]/.test(text) && !CODE.test(text) && !/^(select|insert into|update|create table|drop table) /.test(text);
}

/** What a person reads of a Svelte file: text between tags, attributes, and strings in expressions that look like language. */
function ofSvelte(path) {
  const source = readFileSync(path, "utf8");
  const found = [];
  const add = (at, text) => {
    const said = text.replace(/\s+/g, " ").trim();
    if (wordy(said))
      found.push({ line: source.slice(0, at).split("\n").length, said });
  };
  const inTemplate = (t) => t.quasis.map((q) => q.value.cooked).join("{…}");
  const walk = (node, attribute) => {
    if (!node || typeof node !== "object") return;
    if (Array.isArray(node)) return node.forEach((n) => walk(n, attribute));
    switch (node.type) {
      case "ImportDeclaration":
      case "StyleSheet":
        return;
      case "Fragment":
        return fragment(node, attribute);
      case "Attribute":
        if (READ.has(node.name)) return walk(node.value, "read");
        if (
          [
            "class",
            "style",
            "d",
            "href",
            "src",
            "id",
            "data-testid",
            "type",
            "role",
          ].includes(node.name)
        )
          return;
        return walk(node.value, "other");
      case "Text":
        if (attribute !== "other") add(node.start, node.data);
        return;
      case "Literal":
        if (
          typeof node.value === "string" &&
          (attribute === "read" ||
            / /.test(node.value) ||
            /^[A-Z][a-z]/.test(node.value))
        )
          add(node.start, node.value);
        return;
      case "TemplateLiteral":
        if (/ /.test(inTemplate(node))) add(node.start, inTemplate(node));
        return walk(node.expressions, attribute);
    }
    for (const [key, value] of Object.entries(node))
      if (key !== "loc" && key !== "metadata") walk(value, attribute);
  };
  /** Text and what stands in it read as one sentence. */
  const fragment = (node, attribute) => {
    let run = "";
    let from = -1;
    const flush = () => {
      if (from >= 0) add(from, run);
      run = "";
      from = -1;
    };
    for (const child of node.nodes) {
      if (child.type === "Text" || child.type === "ExpressionTag") {
        if (from < 0 && child.type === "Text" && child.data.trim())
          from = child.start;
        run += child.type === "Text" ? child.data : "{…}";
        if (child.type === "ExpressionTag") walk(child.expression, attribute);
      } else {
        flush();
        walk(child, undefined);
      }
    }
    flush();
  };
  const ast = parse(source, { modern: true });
  walk(ast.instance?.content);
  walk(ast.fragment);
  return found;
}

function ofScript(path) {
  const source = readFileSync(path, "utf8");
  return strings(
    source,
    /'((?:[^'\\\n]|\\.)*)'|`((?:[^`\\]|\\.)*)`/g,
    (t) => / /.test(t) || /^[A-Z][a-z]+$/.test(t),
  );
}

/** Java: neighbouring literals that are joined read as one. */
function ofJava(path) {
  const source = readFileSync(path, "utf8").replace(/\/\*[\s\S]*?\*\//g, (c) =>
    c.replace(/[^\n]/g, " "),
  );
  const joined = source.replace(/"\s*\n?\s*\+\s*"/g, "");
  return strings(
    joined,
    /"((?:[^"\\\n]|\\.)*)"/g,
    (t) => / /.test(t) || /^[A-Z][a-z]+$/.test(t),
  );
}

function strings(source, pattern, language) {
  const bare = source
    .replace(/^\s*\/\/.*$/gm, "")
    .replace(/^\s*\*.*$/gm, "")
    .replace(/^import .*$/gm, "");
  return [...bare.matchAll(pattern)]
    .map((m) => ({
      line: bare.slice(0, m.index).split("\n").length,
      said: (m[1] ?? m[2])
        .replace(/\$\{[^}]*\}/g, "{…}")
        .replace(/\s+/g, " ")
        .trim(),
    }))
    .filter(({ said }) => wordy(said) && language(said));
}

export function words() {
  const sides = [
    ["web/src", ".svelte", ofSvelte],
    ["web/src", ".ts", ofScript],
    ["core/src/main/java", ".java", ofJava],
    ["app/src/main/java", ".java", ofJava],
  ];
  return sides.flatMap(([folder, end, read]) =>
    files(folder, end).flatMap((path) =>
      read(path).map((w) => ({
        where: `${relative(house, path)}:${w.line}`,
        said: w.said,
      })),
    ),
  );
}

if (process.argv[1] === new URL(import.meta.url).pathname) {
  const only = new RegExp(process.argv[2] ?? "", "i");
  for (const { where, said } of words())
    if (only.test(said) || only.test(where)) console.log(`${where}\t${said}`);
}
