import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { BenchView } from "./bench/BenchView";
import "./index.css";
import { ProjectsView } from "./projects/ProjectsView";

const root = document.getElementById("root");
if (!root) throw new Error("The page has no place for the application.");

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider
      client={new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 0 } } })}
    >
      <BrowserRouter>
        <Routes>
          <Route path="/projects" element={<ProjectsView />} />
          <Route path="/bench/:id" element={<BenchView />} />
          <Route path="*" element={<Navigate to="/projects" replace />} />
        </Routes>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
