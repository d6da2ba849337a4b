import type {
  Brief,
  DrawerEnvelope,
  Fold,
  Folding,
  Grid,
  Look,
  MadeEnvelope,
  OwnFold,
  Plan,
  PostalClass,
  PostalClassContent,
  Posting,
  ProblemBody,
  Project,
  ProjectSummary,
  RevisionSummary,
  ShelfEntry,
  TableEntry,
  Units,
} from "./types";

/** A refused request, with the server's reasons. */
export class Problem extends Error {
  constructor(readonly body: ProblemBody) {
    super(body.detail);
  }
}

/** A browser lets no larger request outlive its page. */
const MOST_OUTLIVING = 60_000;

/** @param outlives whether it goes out even if the page is closed meanwhile */
async function request<T>(method: string, path: string, body?: unknown, outlives = false): Promise<T> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? {} : { "Content-Type": "application/json" },
      body: text,
      keepalive: outlives && new Blob([text ?? ""]).size < MOST_OUTLIVING,
    });
  } catch {
    throw new Problem({
      title: "No answer",
      detail: "Vantbreeze does not answer; is it still running?",
      status: 0,
    });
  }
  const answer: unknown = await response.json().catch(() => undefined);
  if (!response.ok) {
    throw new Problem(
      (answer as ProblemBody | undefined) ?? {
        title: "Failed",
        detail: `Vantbreeze answered with ${response.status}.`,
        status: response.status,
      },
    );
  }
  return answer as T;
}

export const api = {
  plan: (brief: Brief) => request<Plan>("POST", "/plans", brief),
  move: (brief: Brief, score: string, toMm: number) =>
    request<Plan>("POST", "/moves", { brief, score, toMm }),
  folding: (brief: Brief) => request<Folding>("POST", "/foldings", brief),
  shelf: (brief: Brief) => request<ShelfEntry[]>("POST", "/shelf", brief),
  looks: (brief: Brief) => request<Look[]>("POST", "/looks", brief),
  posting: (brief: Brief) => request<Posting>("POST", "/posting", brief),
  outline: (svg: string, width: string, units: Units) =>
    request<{ outline: string; leftOut: number }>("POST", "/outlines", { svg, width, units }),
  drawer: () => request<DrawerEnvelope[]>("GET", "/drawer"),
  keepEnvelope: (name: string, size: string, units: Units) =>
    request<DrawerEnvelope>("POST", "/drawer", { name, size, units }),
  dropEnvelope: (id: string) => request<DrawerEnvelope>("DELETE", `/drawer/${id}`),
  takeBackEnvelope: (id: string) => request<DrawerEnvelope>("POST", `/drawer/${id}/undelete`),
  postalClasses: () => request<PostalClass[]>("GET", "/postal-classes"),
  addPostalClass: (content: PostalClassContent) => request<PostalClass>("POST", "/postal-classes", content),
  changePostalClass: (id: string, version: number, content: PostalClassContent) =>
    request<PostalClass>("PUT", `/postal-classes/${id}`, { version, content }),
  strikePostalClass: (id: string, version: number) =>
    request<PostalClass>("DELETE", `/postal-classes/${id}?version=${version}`),
  restorePostalClass: (id: string) => request<PostalClass>("POST", `/postal-classes/${id}/undelete`),
  folds: () => request<Fold[]>("GET", "/folds"),
  ownFolds: () => request<OwnFold[]>("GET", "/own-folds"),
  keepFold: (name: string, brief: Brief) => request<OwnFold>("POST", "/own-folds", { name, brief }),
  dropFold: (id: string) => request<OwnFold>("DELETE", `/own-folds/${id}`),
  takeBackFold: (id: string) => request<OwnFold>("POST", `/own-folds/${id}/undelete`),
  papers: () => request<TableEntry[]>("GET", "/papers"),
  envelopes: () => request<TableEntry[]>("GET", "/envelopes"),
  tools: () => request<{ grids: Grid[] }>("GET", "/tools"),
  projects: () => request<ProjectSummary[]>("GET", "/projects"),
  project: (id: string) => request<Project>("GET", `/projects/${id}`),
  create: (name: string, brief: Brief) => request<Project>("POST", "/projects", { name, brief }),
  save: (id: string, version: number, name: string, brief: Brief) =>
    request<Project>("PUT", `/projects/${id}`, { version, name, brief }, true),
  copy: (id: string) => request<Project>("POST", `/projects/${id}/copy`),
  remove: (id: string, version: number) => request<Project>("DELETE", `/projects/${id}?version=${version}`),
  undelete: (id: string) => request<Project>("POST", `/projects/${id}/undelete`),
  revisions: (id: string) => request<RevisionSummary[]>("GET", `/projects/${id}/revisions`),
  restore: (id: string, number: number, version: number) =>
    request<Project>("POST", `/projects/${id}/revisions/${number}/restore`, { version }),
};

/** Address of the crease pattern of the project as it is saved. */
export const patternAddress = (id: string) => `/api/projects/${id}/exports/pattern.fold`;

/** Address of a PDF of the project as it is saved. */
export const exportAddress = (id: string, what: "plan" | "template", paper: "a4" | "letter") =>
  `/api/projects/${id}/exports/${what}.pdf?paper=${paper}`;

/** Address of the 1:1 template of an envelope made for the project as it is saved. */
export const envelopeAddress = (id: string, style: MadeEnvelope["style"], paper: "a4" | "letter") =>
  `/api/projects/${id}/exports/envelope.pdf?style=${style}&paper=${paper}`;
