import type {
  BackupJob,
  Brief,
  Consequence,
  CutterMachine,
  CutterRun,
  Cutting,
  CuttingAsked,
  DrawerEnvelope,
  DrawerSheet,
  DrawerSheetContent,
  Fold,
  Folding,
  Forecast,
  GivenBefore,
  ToolTable,
  Hands,
  HandsChoice,
  LogContent,
  LogEntry,
  Look,
  MadeEnvelope,
  Making,
  MakingState,
  Embellishment,
  OwnFold,
  OwnPlaces,
  OwnStep,
  PatternTaken,
  Plan,
  PostalClass,
  PostalClassContent,
  Posting,
  ProblemBody,
  Project,
  ProjectHead,
  ProjectSummary,
  RevisionSummary,
  Scatter,
  ShelfEntry,
  Sketch,
  StoreState,
  TableEntry,
  Task,
  ToolSet,
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

interface Asked {
  /** Whether it goes out even if the page is closed meanwhile. */
  outlives?: boolean;
  /** Ends it when nobody needs the answer any more. */
  signal?: AbortSignal;
}

async function request<T>(method: string, path: string, body?: unknown, asked: Asked = {}): Promise<T> {
  const text = body === undefined ? body : JSON.stringify(body);
  let response: Response;
  let answer: unknown;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? {} : { "Content-Type": "application/json" },
      body: text,
      keepalive: asked.outlives === true && new Blob([text ?? ""]).size < MOST_OUTLIVING,
      signal: asked.signal,
    });
    answer = await response.json().catch(() => undefined);
  } catch (error) {
    if (asked.signal?.aborted) throw error;
    throw failed(0, "Vantbreeze does not answer; is it still running?");
  }
  if (!response.ok)
    throw isProblem(answer)
      ? new Problem(answer)
      : failed(response.status, `Vantbreeze answered with ${response.status} and without a reason.`);
  if (answer === undefined)
    throw failed(response.status, "Vantbreeze gave an answer that cannot be read; try again.");
  return answer as T;
}

const failed = (status: number, detail: string) => new Problem({ title: "Failed", detail, status });

/** Anything else came from somewhere else: it must not be taken for a reason. */
function isProblem(answer: unknown): answer is ProblemBody {
  const body = answer as Partial<ProblemBody> | null | undefined;
  return (
    typeof body?.detail === "string" && typeof body.title === "string" && typeof body.status === "number"
  );
}

/** Only this way a browser tells how much of a large file has gone. Nothing comes back if it is given up. */
function sendBackup(
  zip: File,
  onSent: (share: number) => void,
  signal: AbortSignal,
): Promise<BackupJob | null> {
  return new Promise((resolve, reject) => {
    const sending = new XMLHttpRequest();
    sending.open("POST", "/api/backup/restored");
    sending.setRequestHeader("Content-Type", "application/zip");
    sending.responseType = "json";
    sending.upload.onprogress = (e) => onSent(e.loaded / Math.max(1, e.total));
    sending.onload = () => {
      const answer: unknown = sending.response;
      if (sending.status < 300) resolve(answer as BackupJob);
      else reject(isProblem(answer) ? new Problem(answer) : failed(sending.status, "It cannot be sent."));
    };
    sending.onerror = () => reject(failed(0, "Vantbreeze does not answer; is it still running?"));
    sending.onabort = () => resolve(null);
    signal.addEventListener("abort", () => sending.abort());
    sending.send(zip);
  });
}

export const api = {
  plan: (brief: Brief) => request<Plan>("POST", "/plans", brief),
  /** The order of work for so many cards at once. */
  tasks: (brief: Brief, cards: number, signal?: AbortSignal) =>
    request<Task[]>("POST", "/tasks", { brief, cards }, { signal }),
  ownPlaces: (brief: Brief, step: OwnStep, signal?: AbortSignal) =>
    request<OwnPlaces>("POST", "/own-places", { brief, step }, { signal }),
  move: (brief: Brief, score: string, toMm: number) =>
    request<Plan>("POST", "/moves", { brief, score, toMm }),
  folding: (brief: Brief, signal?: AbortSignal) => request<Folding>("POST", "/foldings", brief, { signal }),
  pieceFolding: (brief: Brief, piece: string, signal?: AbortSignal) =>
    request<Folding>("POST", "/foldings/pieces", { brief, piece }, { signal }),
  sketches: (brief: Brief, signal?: AbortSignal) => request<Sketch[]>("POST", "/sketches", brief, { signal }),
  forecast: (brief: Brief, scatter: Scatter, signal?: AbortSignal) =>
    request<Forecast>("POST", "/forecasts", { brief, scatter }, { signal }),
  consequence: (brief: Brief, measured: MakingState["measured"], signal?: AbortSignal) =>
    request<Consequence>("POST", "/consequences", { brief, measured }, { signal }),
  making: (project: string) => request<Making>("GET", `/projects/${project}/making`),
  keepMaking: (project: string, making: Making) =>
    request<Making>("PUT", `/projects/${project}/making`, making, { outlives: true }),
  forgetMaking: (project: string) => request<Making>("DELETE", `/projects/${project}/making`),
  log: (words: string) => request<LogEntry[]>("GET", `/log?words=${encodeURIComponent(words)}`),
  writeLog: (content: LogContent, photos: string[], brief: Brief) =>
    request<LogEntry>("POST", "/log", { content, photos, brief }),
  changeLog: (id: string, version: number, content: LogContent, photos: string[]) =>
    request<LogEntry>("PUT", `/log/${id}`, { version, content, photos }),
  dropLog: (id: string, version: number) => request<LogEntry>("DELETE", `/log/${id}?version=${version}`),
  takeBackLog: (id: string) => request<LogEntry>("POST", `/log/${id}/undelete`),
  dropLogPhoto: (id: string, photo: string, version: number) =>
    request<LogEntry>("DELETE", `/log/${id}/photos/${photo}?version=${version}`),
  makeAgain: (id: string) => request<Project>("POST", `/log/${id}/again`),
  given: (project: string | null, card: string, recipients: string[]) =>
    request<GivenBefore[]>("POST", "/log/given", { project, card, recipients }),
  hands: () => request<Hands>("GET", "/hands"),
  chooseHands: (version: number, chosen: HandsChoice) => request<Hands>("PUT", "/hands", { version, chosen }),
  shelf: (brief: Brief, signal?: AbortSignal) => request<ShelfEntry[]>("POST", "/shelf", brief, { signal }),
  picture: async (brief: Brief, signal?: AbortSignal) => {
    const answer = await fetch("/api/pictures", {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(brief),
      signal,
    });
    if (!answer.ok) throw new Error("The picture cannot be drawn.");
    return dataUrl(await answer.blob());
  },
  looks: (brief: Brief, signal?: AbortSignal) => request<Look[]>("POST", "/looks", brief, { signal }),
  posting: (brief: Brief, signal?: AbortSignal) => request<Posting>("POST", "/posting", brief, { signal }),
  writeBackup: () => request<BackupJob>("POST", "/backup/written"),
  backupJob: (id: string) => request<BackupJob>("GET", `/backup/jobs/${id}`),
  cancelBackup: (id: string) => request<BackupJob>("DELETE", `/backup/jobs/${id}`),
  bringBack: sendBackup,
  takeProject: (document: unknown) => request<Project>("POST", "/projects/documents", document),
  cutter: (svg: string, machine: CutterMachine | null) =>
    request<CutterRun>("POST", "/cutter", { svg, machine }),
  store: () => request<StoreState>("GET", "/store"),
  pattern: (fold: object, unit: "MM" | "CM" | "IN" | null, units: Units) =>
    request<PatternTaken>("POST", "/patterns", {
      fold,
      unit,
      units,
    }),
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
  embellishments: () => request<Embellishment[]>("GET", "/embellishments"),
  keepEmbellishment: (name: string, brief: Brief, ornament: string) =>
    request<Embellishment>("POST", "/embellishments", { name, brief, ornament }),
  takeEmbellishment: (id: string, brief: Brief, face: string, percent: number) =>
    request<Brief>("POST", `/embellishments/${id}/taken`, { brief, face, percent }),
  dropEmbellishment: (id: string) => request<Embellishment>("DELETE", `/embellishments/${id}`),
  takeBackEmbellishment: (id: string) => request<Embellishment>("POST", `/embellishments/${id}/undelete`),
  sheets: () => request<TableEntry[]>("GET", "/sheets"),
  papers: () => request<DrawerSheet[]>("GET", "/papers"),
  addPaper: (content: DrawerSheetContent) => request<DrawerSheet>("POST", "/papers", content),
  changePaper: (id: string, version: number, content: DrawerSheetContent) =>
    request<DrawerSheet>("PUT", `/papers/${id}`, { version, content }),
  dropPaper: (id: string, version: number) =>
    request<DrawerSheet>("DELETE", `/papers/${id}?version=${version}`),
  takeBackPaper: (id: string) => request<DrawerSheet>("POST", `/papers/${id}/undelete`),
  showPaper: (id: string, version: number, image: string) =>
    request<DrawerSheet>("PUT", `/papers/${id}/photo`, { version, image }),
  hidePaper: (id: string, version: number) =>
    request<DrawerSheet>("DELETE", `/papers/${id}/photo?version=${version}`),
  addPapers: (csv: string) => request<DrawerSheet[]>("POST", "/papers/table", { csv }),
  beginCutting: (asked: CuttingAsked) => request<Cutting>("POST", "/cuttings", asked),
  cutting: (id: string) => request<Cutting>("GET", `/cuttings/${id}`),
  stopCutting: (id: string) => request<Cutting>("POST", `/cuttings/${id}/stop`),
  cutSheet: (id: string, number: number) => request<Cutting>("POST", `/cuttings/${id}/sheets/${number}/cut`),
  uncutSheet: (id: string, number: number) =>
    request<Cutting>("POST", `/cuttings/${id}/sheets/${number}/uncut`),
  envelopes: () => request<TableEntry[]>("GET", "/envelopes"),
  tools: () => request<ToolTable>("GET", "/tools"),
  ownTools: () => request<ToolSet[]>("GET", "/tools/own"),
  changeTools: (set: ToolSet) =>
    request<ToolSet>("PUT", `/tools/own/${set.units}`, { version: set.version, tools: set.tools }),
  projects: () => request<ProjectSummary[]>("GET", "/projects"),
  project: (id: string) => request<Project>("GET", `/projects/${id}`),
  create: (name: string, brief: Brief) => request<Project>("POST", "/projects", { name, brief }),
  save: (id: string, version: number, name: string, brief: Brief) =>
    request<Project>("PUT", `/projects/${id}`, { version, name, brief }, { outlives: true }),
  copy: (id: string) => request<Project>("POST", `/projects/${id}/copy`),
  remove: (id: string, version: number) =>
    request<ProjectHead>("DELETE", `/projects/${id}?version=${version}`),
  undelete: (id: string) => request<ProjectHead>("POST", `/projects/${id}/undelete`),
  revisions: (id: string) => request<RevisionSummary[]>("GET", `/projects/${id}/revisions`),
  restore: (id: string, number: number, version: number) =>
    request<Project>("POST", `/projects/${id}/revisions/${number}/restore`, { version }),
};

/** Address of the crease pattern of the project as it is saved. */
export const patternAddress = (id: string) => `/api/projects/${id}/exports/pattern.fold`;

/** Address of a PDF of the project as it is saved. */
export const exportAddress = (
  id: string,
  what: "plan" | "template" | "booklet" | "memory",
  paper: "a4" | "letter",
) => `/api/projects/${id}/exports/${what}.pdf?paper=${paper}`;

/** Address of the 1:1 template of an envelope made for the project as it is saved. */
export const envelopeAddress = (id: string, style: MadeEnvelope["style"], paper: "a4" | "letter") =>
  `/api/projects/${id}/exports/envelope.pdf?style=${style}&paper=${paper}`;

/** Address of a small picture of a card; another version is another address. */
export const pictureAddress = (id: string, version: number) => `/api/projects/${id}/picture.png?v=${version}`;

/** Address of a picture of a card to show to others. */
export const shareAddress = (id: string) => `/api/projects/${id}/exports/share.png`;

/** Address of a cut file of one sheet of a cutting plan. */
export const sheetSvgAddress = (project: string, plan: string, sheet: number) =>
  `/api/projects/${project}/exports/sheet.svg?plan=${plan}&sheet=${sheet}`;

/** Address of a cut file of one part. */
export const partSvgAddress = (project: string, part: string, dash = 0, gap = 0) =>
  `/api/projects/${project}/exports/part.svg?part=${encodeURIComponent(part)}&dash=${dash}&gap=${gap}`;

/** Address of a card as a document of its own, or of its parts as a table. */
export const documentAddress = (id: string) => `/api/projects/${id}/exports/project.json`;
export const partsTable = (id: string) => `/api/projects/${id}/exports/parts.csv`;

/** Address of a backup that is ready. */
export const backupFile = (id: string) => `/api/backup/jobs/${id}/file`;

/** Address of the drawer as a table of comma-separated values. */
export const papersTable = "/api/papers/table";

export const photoAddress = (id: string) => `/api/photos/${id}`;

/** Address of a PDF of the sheets of a cutting plan. */
export const cuttingAddress = (project: string, plan: string, paper: "a4" | "letter") =>
  `/api/projects/${project}/exports/cutting.pdf?plan=${plan}&paper=${paper}`;

/** What was loaded as an address of its own, which the page's policy allows. */
const dataUrl = (blob: Blob) =>
  new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error("The picture cannot be read."));
    reader.readAsDataURL(blob);
  });
