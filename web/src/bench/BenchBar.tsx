import { FolderOpen, History, Moon, Printer, Redo2, Shapes, Sun, Undo2 } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { Link, NavLink } from "react-router";
import { documentAddress, exportAddress, partsTable, patternAddress, shareAddress } from "../api/client";
import { Button } from "../parts/Button";
import { symbol, unitsOf } from "../state/lengths";
import { saveAsFile } from "../state/unsaved";
import { useTheme } from "../parts/useTheme";
import { useBench, useBenchStore } from "../state/useBench";
import { switchUnits } from "./shortcuts";
import { VIEWS } from "./views";

const SAVE_WORDS = {
  saved: "saved",
  saving: "saving …",
  failed: "not saved",
  conflict: "changed elsewhere",
};

const PRINTS = [
  { what: "plan", paper: "a4", label: "Plan, A4" },
  { what: "plan", paper: "letter", label: "Plan, Letter" },
  { what: "template", paper: "a4", label: "1:1 template, A4" },
  { what: "template", paper: "letter", label: "1:1 template, Letter" },
  { what: "booklet", paper: "a4", label: "Booklet of the steps, A4" },
  { what: "booklet", paper: "letter", label: "Booklet of the steps, Letter" },
  { what: "memory", paper: "a4", label: "Card for the box, A6" },
  { what: "memory", paper: "letter", label: "Card for the box, 4 × 6 in" },
] as const;

interface BenchBarProps {
  onRevisions(): void;
  onShelf(): void;
}

/** Name, saving, undo, units, print and the ways to other views. */
export function BenchBar({ onRevisions, onShelf }: BenchBarProps) {
  const bench = useBench((b) => b);
  const store = useBenchStore();
  const [dark, toggleTheme] = useTheme();
  const units = bench.plan?.brief.units ?? unitsOf("in");

  /* What is printed is made from what is saved. */
  async function open(address: (id: string) => string) {
    await store.saveNow();
    if (bench.project && store.get().save === "saved") window.open(address(bench.project.id), "_blank");
  }

  return (
    <header className="border-rule no-print border-b">
      <div className="flex flex-wrap items-center gap-2 px-4 pt-2 pb-1">
        <Link to="/projects" className="text-accent mr-1 flex items-center gap-2 no-underline">
          <img src="/mark.svg" alt="" width={26} height={26} />
          <span className="font-title text-xl">Vantbreeze</span>
        </Link>
        <ProjectName key={bench.project?.id} />
        <span
          data-testid="save-state"
          className={`text-sm ${bench.save === "failed" || bench.save === "conflict" ? "text-stop font-bold" : "text-quiet"}`}
        >
          {SAVE_WORDS[bench.save]}
        </span>
        {bench.save === "failed" && <NotSaved />}
        <span className="grow" />
        <Button onClick={() => void store.undo()} disabled={bench.past.length === 0} title="Undo (Ctrl+Z)">
          <Undo2 aria-hidden size={16} /> Undo
        </Button>
        <Button
          onClick={() => void store.redo()}
          disabled={bench.future.length === 0}
          title="Redo (Ctrl+Shift+Z)"
        >
          <Redo2 aria-hidden size={16} /> Redo
        </Button>
        <Button
          onClick={() => switchUnits(store)}
          title="Switch units (U)"
          aria-label={`Units: ${units === "INCH" ? "inches" : "millimetres"}, switch`}
        >
          <span className={units === "INCH" ? "underline decoration-2" : "text-quiet"}>{symbol("INCH")}</span>
          /
          <span className={units === "METRIC" ? "underline decoration-2" : "text-quiet"}>
            {symbol("METRIC")}
          </span>
        </Button>
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger asChild>
            <Button look="strong">
              <Printer aria-hidden size={16} /> Print
            </Button>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              align="end"
              sideOffset={4}
              className="border-rule bg-raised text-ink z-50 rounded-md border p-1 shadow-lg"
            >
              {PRINTS.map((p) => (
                <DropdownMenu.Item
                  key={p.label}
                  onSelect={() => void open((id) => exportAddress(id, p.what, p.paper))}
                  className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center rounded px-3 outline-none"
                >
                  {p.label}
                </DropdownMenu.Item>
              ))}
              <DropdownMenu.Item
                onSelect={() => void open(shareAddress)}
                className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center rounded px-3 outline-none"
              >
                Picture to show around, PNG
              </DropdownMenu.Item>
              <DropdownMenu.Item
                onSelect={() => void open(partsTable)}
                className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center rounded px-3 outline-none"
              >
                Parts as a table, CSV
              </DropdownMenu.Item>
              <DropdownMenu.Item
                onSelect={() => void open(documentAddress)}
                className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center rounded px-3 outline-none"
              >
                The card itself, JSON
              </DropdownMenu.Item>
              <DropdownMenu.Item
                onSelect={() => void open(patternAddress)}
                className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center rounded px-3 outline-none"
              >
                Crease pattern, FOLD file
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <Button onClick={onShelf}>
          <Shapes aria-hidden size={16} /> Fold shelf
        </Button>
        <Button onClick={onRevisions}>
          <History aria-hidden size={16} /> Revisions
        </Button>
        <Button onClick={toggleTheme} aria-label={dark ? "Light colours" : "Dark colours"}>
          {dark ? <Sun aria-hidden size={16} /> : <Moon aria-hidden size={16} />}
        </Button>
        <Link
          to="/projects"
          className="border-rule bg-raised hover:bg-accent-soft inline-flex min-h-9 items-center gap-1.5 rounded-md border px-2.5 text-sm font-semibold"
        >
          <FolderOpen aria-hidden size={16} /> Projects
        </Link>
      </div>
      <nav aria-label="Views of this card" className="flex gap-1 px-4">
        {VIEWS.map((view) => (
          <NavLink
            key={view.path}
            to={view.path}
            end
            title={`${view.name} (${view.key})`}
            className={({ isActive }) =>
              `rounded-t-md border-b-3 px-3 py-1 text-base font-semibold no-underline ${
                isActive ? "border-accent text-accent" : "text-ink hover:bg-accent-soft border-transparent"
              }`
            }
          >
            {view.name}
          </NavLink>
        ))}
      </nav>
    </header>
  );
}

/** Nothing is lost while it cannot be saved: the page keeps it, tries again, and gives it as a file. */
function NotSaved() {
  const trouble = useBench((b) => b.saveTrouble);
  const store = useBenchStore();
  const asFile = () => {
    const { name, plan } = store.get();
    saveAsFile(name, JSON.stringify({ name, brief: plan?.brief }, null, 2));
  };
  return (
    <>
      <span role="alert" className="text-stop basis-full text-sm">
        {trouble} It is tried again by itself; until then this page keeps your card.
      </span>
      <Button onClick={() => void store.saveNow()}>Try again</Button>
      <Button onClick={asFile}>Save as a file</Button>
    </>
  );
}

function ProjectName() {
  const name = useBench((b) => b.name);
  const store = useBenchStore();
  const [draft, setDraft] = useState(name);
  const commit = () => {
    if (draft.trim() && draft.trim() !== name) store.rename(draft.trim());
    if (!draft.trim()) setDraft(name);
  };
  return (
    <h1 className="m-0 text-lg">
      <input
        aria-label="Name of the project"
        dir="auto"
        className="hover:bg-accent-soft field-sizing-content min-h-9 max-w-96 min-w-24 rounded bg-transparent px-1 font-bold"
        maxLength={80}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === "Enter") e.currentTarget.blur();
        }}
      />
    </h1>
  );
}
