import { Moon, Sun } from "lucide-react";
import { NavLink } from "react-router";
import { Button } from "./Button";
import { useTheme } from "./useTheme";

const PLACES = [
  { to: "/projects", name: "Cards" },
  { to: "/papers", name: "Papers" },
  { to: "/log", name: "Logbook" },
  { to: "/cutter", name: "Cutter" },
];

/** Above everything that belongs to no single card. */
export function TopBar() {
  const [dark, toggleTheme] = useTheme();
  return (
    <header className="border-rule no-print flex items-center gap-2 border-b px-4 py-2">
      <img src="/mark.svg" alt="" width={26} height={26} />
      <span className="font-title text-accent text-xl">Vantbreeze</span>
      <nav aria-label="Places" className="ml-4 flex gap-1">
        {PLACES.map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            className={({ isActive }) =>
              `border-b-3 px-3 py-1 text-base font-semibold no-underline ${
                isActive ? "border-accent text-accent" : "text-ink hover:bg-accent-soft border-transparent"
              }`
            }
          >
            {place.name}
          </NavLink>
        ))}
      </nav>
      <span className="grow" />
      <Button onClick={toggleTheme} aria-label={dark ? "Light colours" : "Dark colours"}>
        {dark ? <Sun aria-hidden size={16} /> : <Moon aria-hidden size={16} />}
      </Button>
    </header>
  );
}
