import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { BenchView } from "./bench/BenchView";
import { ProjectFrame } from "./bench/ProjectFrame";
import "./index.css";
import "./parts/styleNonce";
import { CutterView } from "./cutter/CutterView";
import { DropAnywhere } from "./drop/DropAnywhere";
import { CuttingView } from "./cutting/CuttingView";
import { LogView } from "./log/LogView";
import { MakeView } from "./make/MakeView";
import { LayersView } from "./layers/LayersView";
import { PapersView } from "./papers/PapersView";
import { PostView } from "./post/PostView";
import { ProjectsView } from "./projects/ProjectsView";

const root = document.getElementById("root");
if (!root) throw new Error("The page has no place for the application.");

/* The server is this machine or near it: a browser that thinks itself offline asks all the same. */
const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 0, networkMode: "always" } },
});

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <DropAnywhere />
        <Routes>
          <Route path="/projects" element={<ProjectsView />} />
          <Route path="/cutter" element={<CutterView />} />
          <Route path="/log" element={<LogView />} />
          <Route path="/papers" element={<PapersView />} />
          <Route path="/bench/:id" element={<ProjectFrame />}>
            <Route index element={<BenchView />} />
            <Route path="layers" element={<LayersView />} />
            <Route path="post" element={<PostView />} />
            <Route path="cutting" element={<CuttingView />} />
            <Route path="make" element={<MakeView />} />
          </Route>
          <Route path="*" element={<Navigate to="/projects" replace />} />
        </Routes>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
