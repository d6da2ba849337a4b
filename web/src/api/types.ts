import type { components } from "./schema";

type Schemas = components["schemas"];

export type Brief = Schemas["Brief"];
export type Basis = Schemas["Basis"];
export type Plan = Schemas["Plan"];
export type PatternTaken = Schemas["PatternTaken"];
export type Piece = Schemas["Piece"];
export type Panel = Schemas["Panel"];
export type Score = Schemas["Score"];
export type Handle = Schemas["Handle"];
export type Fit = Schemas["Fit"];
export type Face = Schemas["Face"];
export type Snag = Schemas["Snag"];
export type ParameterValue = Schemas["ParameterValue"];
export type Length = Schemas["Length"];
export type Project = Schemas["Project"];
export type ProjectSummary = Schemas["ProjectSummary"];
export type ProjectHead = Schemas["ProjectHead"];
export type StoreState = Schemas["StoreState"];
export type RevisionSummary = Schemas["RevisionSummary"];
export type Embellishment = Schemas["Embellishment"];
export type OwnFold = Schemas["OwnFold"];
export type Preset = Schemas["Preset"];
export type Fold = Schemas["FoldJson"];
export type TableEntry = Schemas["TableEntryJson"];
export type Adhesive = Schemas["Adhesive"];
export type ToolTable = Schemas["ToolTableJson"];
export type Folding = Schemas["Folding"];
export type ShelfEntry = Schemas["ShelfEntry"];
export type Part = Schemas["Part"];
export type Paper = Schemas["Paper"];
export type Mat = Schemas["Mat"];
export type Ornament = Schemas["Ornament"];
export type PlacedOrnament = Schemas["PlacedOrnament"];
export type Look = Schemas["Look"];
export type Region = Schemas["Region"];
export type Posting = Schemas["Posting"];
export type MadeEnvelope = Schemas["MadeEnvelope"];
export type DrawerEnvelope = Schemas["DrawerEnvelope"];
export type PostalClass = Schemas["PostalClass"];
export type PostalClassContent = Schemas["PostalClassContent"];
export type DrawerSheet = Schemas["DrawerSheet"];
export type DrawerSheetContent = Schemas["DrawerSheetContent"];
export type SheetPhoto = Schemas["SheetPhoto"];
export type Cutting = Schemas["Cutting"];
export type CuttingAsked = Schemas["CuttingAsked"];
export type PaperCutting = Schemas["PaperCutting"];
export type SheetCutting = Schemas["SheetCutting"];
export type LaidPart = Schemas["LaidPart"];
export type CutPass = Schemas["CutPass"];
export type PinnedPart = Schemas["PinnedPart"];
export type ToolSet = Schemas["ToolSet"];
export type Task = Schemas["Task"];
export type Fastened = Schemas["Fastened"];
export type Wording = Schemas["Wording"];
export type Measure = Schemas["Measure"];
export type Sketch = Schemas["Sketch"];
export type Making = Schemas["Making"];
export type MakingState = Schemas["MakingState"];
export type Consequence = Schemas["Consequence"];
export type Forecast = Schemas["Forecast"];
export type Scatter = Schemas["Scatter"];
export type LogEntry = Schemas["LogEntry"];
export type LogContent = Schemas["LogContent"];
export type GivenBefore = Schemas["GivenBefore"];
export type Hands = Schemas["Hands"];
export type HandsChoice = Schemas["HandsChoice"];
export type BackupJob = Schemas["BackupJob"];
export type CutterRun = Schemas["CutterRun"];
export type CutterMachine = Schemas["CutterMachine"];
export type OwnPlaces = Schemas["OwnPlaces"];
export type OwnStep = Schemas["OwnStep"];
export type Technique = OwnStep["technique"];
export type Units = Brief["units"];

/** One field that a request was refused for. */
export interface FieldProblem {
  field: string;
  value: string;
  allowed: string;
  text: string;
}

/** A problem response, RFC 9457. */
export interface ProblemBody {
  title: string;
  detail: string;
  status: number;
  fields?: FieldProblem[];
  /** With a conflict: the project as it is now. */
  current?: Project;
  /** Of a brief that cannot be read any more: its text as it was saved. */
  saved?: string;
}
