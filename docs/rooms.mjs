// Draws docs/rooms.svg from the code: which room stands on which floor, and which floor may use which. Called with --check it
// only says whether the picture is still true; ./haar test does so.
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const at = (...p) => join(root, ...p);
const code = [".cs", ".ts", ".svelte"];
const folders = (path) =>
  readdirSync(at(path)).filter(
    (f) =>
      /^[A-Z]/.test(f) &&
      f !== "Migrations" &&
      statSync(at(path, f)).isDirectory() &&
      files(`${path}/${f}`, code).length > 0,
  );
const files = (path, ends) =>
  readdirSync(at(path), { recursive: true })
    .map(String)
    .filter(
      (f) =>
        ends.some((e) => f.endsWith(e)) &&
        !/(^|\/)(bin|obj|generated|Migrations)\//.test(f),
    );

const floors = [
  { name: "front end", path: "web/src" },
  { name: "web", path: "src/Haar.Web" },
  { name: "data", path: "src/Haar.Data" },
  { name: "core", path: "src/Haar.Core" },
];
for (const f of floors) f.rooms = new Set(folders(f.path));
// A floor uses what its project refers to; the front end uses what its types are made from.
const uses = (path) =>
  [
    ...readFileSync(at(path), "utf8").matchAll(
      /ProjectReference Include="[^"]*Haar\.(\w+)\.csproj"/g,
    ),
  ].map((m) => m[1].toLowerCase());
const arrows = [
  ["front end", "web"],
  ...uses("src/Haar.Web/Haar.Web.csproj").map((u) => ["web", u]),
  ...uses("src/Haar.Data/Haar.Data.csproj").map((u) => ["data", u]),
  ...uses("src/Haar.Core/Haar.Core.csproj").map((u) => ["core", u]),
];

// What a room of the core asks of other rooms there, by its using directives.
const core = floors.at(-1);
const asks = new Map(
  [...core.rooms].map((room) => {
    const used = new Set();
    for (const f of files(`${core.path}/${room}`, [".cs"]))
      for (const m of readFileSync(at(core.path, room, f), "utf8").matchAll(
        /using Haar\.Core\.(\w+);/g,
      ))
        used.add(m[1]);
    used.delete(room);
    used.delete("Verdicts");
    return [room, [...used].sort()];
  }),
);
const lines = (path, room, ends) =>
  files(`${path}/${room}`, ends).reduce(
    (n, f) =>
      n +
      readFileSync(at(path, room, f), "utf8")
        .split("\n")
        .filter((l) => l.trim()).length,
    0,
  );

const rooms = [...new Set(floors.flatMap((f) => [...f.rooms]))].sort();
const [left, top, row, column] = [150, 132, 26, 92];
const longest = Math.max(
  ...[...asks.values()].map((a) => a.join(" · ").length),
);
const [width, height] = [
  Math.ceil(left + floors.length * column + 48 + longest * 7.4),
  top + rooms.length * row + 34,
];
const x = (floor) =>
  left + floors.findIndex((f) => f.name === floor) * column + column / 2;
const out = [
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="Atkinson Hyperlegible Next, system-ui, sans-serif" font-size="15" role="img" aria-label="The rooms of Haar on their floors">`,
  `<rect width="${width}" height="${height}" fill="#f6f8f7"/>`,
  '<defs><marker id="a" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="5" markerHeight="5" orient="auto"><path d="M0 0 8 4 0 8Z" fill="#7a5206"/></marker></defs>',
  '<text x="24" y="34" font-size="20" font-weight="700" fill="#142e2b">One word, one room, on every floor</text>',
  '<text x="24" y="56" fill="#45605b">Figures are lines. Arrows are what a floor may use; nothing goes the other way.</text>',
];
for (const f of floors)
  out.push(
    `<text x="${x(f.name)}" y="${top - 14}" text-anchor="middle" font-weight="700" fill="#142e2b">${f.name}</text>`,
  );
for (const [from, to] of arrows) {
  const [a, b] = [x(from), x(to)];
  const far = Math.abs(b - a) > column ? 22 : 0;
  out.push(
    `<path d="M${a} ${top - 32} C${a} ${top - 52 - far} ${b} ${top - 52 - far} ${b} ${top - 33}" fill="none" stroke="#7a5206" stroke-width="2" marker-end="url(#a)"/>`,
  );
}
out.push(
  `<text x="${left + floors.length * column + 24}" y="${top - 14}" font-weight="700" fill="#142e2b">in the core it asks</text>`,
);
rooms.forEach((room, i) => {
  const y = top + i * row;
  if (i % 2 === 0)
    out.push(
      `<rect x="12" y="${y}" width="${width - 24}" height="${row}" fill="#e9edec"/>`,
    );
  out.push(
    `<text x="24" y="${y + 18}" font-weight="600" fill="#142e2b">${room}</text>`,
  );
  for (const f of floors) {
    if (!f.rooms.has(room)) continue;
    const n = lines(f.path, room, [".cs", ".ts", ".svelte"]);
    out.push(
      `<rect x="${x(f.name) - 36}" y="${y + 3}" width="72" height="${row - 6}" rx="4" fill="#cfe5de" stroke="#1f7565"/>`,
    );
    out.push(
      `<text x="${x(f.name)}" y="${y + 18}" text-anchor="middle" font-size="14" fill="#142e2b">${Math.ceil(n / 10) * 10}</text>`,
    );
  }
  const a = asks.get(room) ?? [];
  if (a.length)
    out.push(
      `<text x="${left + floors.length * column + 24}" y="${y + 18}" font-size="14" fill="#45605b">${a.join(" · ")}</text>`,
    );
});
out.push(
  `<text x="24" y="${height - 12}" font-size="14" fill="#45605b">Every room of the core speaks in Verdicts. The stand-ins stand alone. Drawn by docs/rooms.mjs.</text>`,
  "</svg>",
  "",
);
const svg = out.join("\n");
// Lines come and go with every change; what must be true is which room stands where and who asks whom.
const shape = (s) => s.replace(/font-size="14" fill="#142e2b">\d+</g, ">n<");
if (process.argv[2] === "--check") {
  let kept = "";
  try {
    kept = readFileSync(at("docs/rooms.svg"), "utf8");
  } catch {
    kept = "";
  }
  if (shape(kept) !== shape(svg)) {
    console.error(
      "docs/rooms.svg no longer shows the rooms as they are: run node docs/rooms.mjs and look at it.",
    );
    process.exit(1);
  }
} else writeFileSync(at("docs/rooms.svg"), svg);
