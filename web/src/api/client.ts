// Talks to the server. Every answer that is not good becomes a Trouble with words for the person.
import type { Me } from "./types";

export class Trouble extends Error {
  constructor(message: string, readonly hint: string | null, readonly status: number, readonly body: Record<string, unknown> = {}) {
    super(message);
  }
}

let me: Me | null = null;

export async function whoIsHere(): Promise<Me> {
  me ??= await call<Me>("GET", "/api/me");
  return me;
}

/** A body that is a file goes out as it is, anything else as JSON. */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const headers: Record<string, string> = { accept: "application/json" };
  if (body !== undefined) headers["content-type"] = body instanceof Blob ? "application/octet-stream" : "application/json";
  if (method !== "GET") headers["x-csrf-token"] = (await whoIsHere()).token;
  let response: Response;
  try {
    response = await fetch(path, { method, headers, body: body === undefined ? undefined : body instanceof Blob ? body : JSON.stringify(body) });
  } catch {
    throw new Trouble("The server cannot be reached.", "Your last change is tried again by itself.", 0);
  }
  const text = await response.text();
  let data: Record<string, unknown> = {};
  try {
    data = text ? JSON.parse(text) : {};
  } catch {
    data = { error: text.slice(0, 200) };
  }
  if (response.ok) return data as T;
  if (response.status === 401) window.location.assign("/login");
  throw new Trouble(String(data.error ?? "Something went wrong."), (data.hint as string | undefined) ?? null, response.status, data);
}

export const get = <T>(path: string) => call<T>("GET", path);
export const post = <T>(path: string, body: unknown = {}) => call<T>("POST", path, body);
